# frozen_string_literal: true

module UpClose
  module Boards
    # A number in a board file.
    module Figure
      # of a file's own units: larger than any board
      LARGEST = 1e6

      # @param text [String]  @return [Float]
      # @raise [Errors::BadBoard] beyond any board
      def self.of(text) = checked(text.to_f, text)

      # @param value [Float]  @param text [String] as the file writes it
      def self.checked(value, text)
        return value if value.abs <= LARGEST
        raise Errors::BadBoard.new("The number #{text.to_s[0, 20]} is beyond any board.")
      end
    end
  end
end
