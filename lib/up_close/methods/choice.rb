# frozen_string_literal: true

module UpClose
  module Methods
    # A point on which makers disagree: the main schools, each with its reason. Frozen.
    class Choice
      attr_reader :key, :title, :options

      # @param options [Hash{Symbol => Array(String, String)}] title and reason; the first is our choice
      # @param fact [Boolean] not a matter of schools but of what the piece is
      # @param on_dark [Symbol, nil] the option that suits a dark ground, where another does than on a light one
      # @param on_white [Symbol, nil] the option that suits a white sheet, whose rim shows
      def initialize(key:, title:, options:, fact: false, on_dark: nil, on_white: nil)
        @key, @title, @options, @fact, @on_dark, @on_white = key, title, options.freeze, fact, on_dark, on_white
        freeze
      end

      def fact? = @fact

      def pick = options.keys.first

      # @param ground [Colour, nil] of the piece  @param stock [Sheets::Stock, nil]  @return [Symbol]
      def pick_for(ground, stock = nil)
        return @on_dark if @on_dark && ground&.dark?
        (@on_white && stock&.white?) ? @on_white : pick
      end
    end
  end
end
