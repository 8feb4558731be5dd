# frozen_string_literal: true

module UpClose
  module Methods
    # A point on which makers disagree: the main schools, each with its reason. Frozen.
    class Choice
      attr_reader :key, :title, :options

      # @param options [Hash{Symbol => Array(String, String)}] title and reason; the first is Up Close's pick
      def initialize(key:, title:, options:)
        @key, @title, @options = key, title, options.freeze
        freeze
      end

      def pick = options.keys.first
    end
  end
end
