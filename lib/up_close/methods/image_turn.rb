# frozen_string_literal: true

module UpClose
  module Methods
    # One thing that happens to the image between paper and eye. Frozen.
    class ImageTurn
      attr_reader :words, :only

      # @param only [Hash{Symbol => Symbol}] schools it happens with; none: always
      def initialize(words:, turned:, only: {})
        @words, @turned, @only = words.freeze, turned, only.freeze
        freeze
      end

      def turned? = @turned

      # @param picked [Hash{Symbol => Symbol}]
      def with?(picked) = only.all? { |key, option| picked[key] == option }
    end
  end
end
