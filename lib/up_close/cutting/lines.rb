# frozen_string_literal: true

module UpClose
  module Cutting
    # Kinds of lines to cut along, one a file.
    module Lines
      extend Catalogue

      # @return [Boolean] whether a constant here is a kind of line
      def self.definition?(constant) = constant.is_a?(Class) && constant < Line

      # @param line [Class]  @return [Array] its place in lists
      def self.rank(line) = place_in_lists(line.listed, line.key)

      # @param face_down [Boolean] paper that registers by its edges
      # @param cover [Boolean] whether the mark covers its piece
      # @return [Array<Class>] to choose from, the usual one first
      def self.for(face_down:, cover: false)
        return all.select(&:cover?) if cover
        all.reject(&:cover?).select { |line| line.face_down? == face_down }
      end

      # @param key [String]  @return [Class] a Line
      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |line| line.key == key.to_s } || raise(Errors::Unknown.new(
          "There is no cut line called “#{key}”.", remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
          field: :cut
        ))
      end
    end
  end
end
