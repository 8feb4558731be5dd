# frozen_string_literal: true

module UpClose
  module Methods
    # One thing that happens to the image between paper and eye. Frozen.
    class Passage
      attr_reader :words

      def initialize(words:, turned:)
        @words, @turned = words.freeze, turned
        freeze
      end

      def turned? = @turned
    end
  end
end
