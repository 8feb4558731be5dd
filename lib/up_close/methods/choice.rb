# frozen_string_literal: true

module UpClose
  module Methods
    # A point on which makers disagree: the main schools, each with its reason. Frozen.
    class Choice
      attr_reader :key, :title, :options

      # @param options [Hash{Symbol => Array(String, String)}] title and reason; the first is Up Close's pick
      # @param fact [Boolean] not a matter of schools but of what the piece is
      def initialize(key:, title:, options:, fact: false)
        @key, @title, @options, @fact = key, title, options.freeze, fact
        freeze
      end

      def fact? = @fact

      def pick = options.keys.first
    end
  end
end
