# frozen_string_literal: true

module UpClose
  module Artwork
    # What can be done where white is wanted, printers having no white: with artwork that is all white, and with dark
    # letters for a dark piece.
    module WaysWithWhite
      # +reason+ says what speaks for it; +purpose+, +afterwards+, +method_key+, +stock+ and +picked+ are nil or empty
      # where the maker decides later; +template+ as a mark's template has it; +recipe+ as Recipe takes it. Frozen.
      Way = Value.define(
        :key, :title, :words, :reason, :purpose, :afterwards, :method_key, :stock, :picked, :template, :recipe,
        keyword_init: true
      ) do
        def initialize(picked: {}, template: {}, recipe: [], **fields) = super

        # the steps of preparing that ways with white bring, and one takes from another
        def self.steps = %w[field outline]

        # @param method_key [String, nil]  @param stock [String, nil]  @param active [Array<String>] steps that are on
        # @return [Boolean] whether a mark is done this way
        def taken?(method_key:, stock:, template:, active:)
          return false if self.method_key != method_key || (self.stock && self.stock != stock)
          template >= self.template && (active & Way.steps) == recipe.map { |step| step["key"] }
        end
      end

      ON_WHITE_FILM = {
        purpose: "picture", method_key: "water-slide", stock: "white-film", picked: {edge: :close}.freeze
      }.freeze
      PAINTED = {purpose: "guide", afterwards: "paint-over"}.freeze

      ALL = [
        Way.new(
          key: "field", title: "Open letters in a field", **ON_WHITE_FILM,
          recipe: [{"key" => "field", "on" => true}.freeze].freeze, reason: "as sharp as print, nothing cut by hand",
          words: "A field in the piece's colour on white film; the letters stay open. 1 mm of white shows round the " \
            "field: cut into its edge, and none does."
        ),
        Way.new(
          key: "stencil", title: "A stencil, and white paint", **PAINTED, method_key: "cut-template",
          template: {"kind" => "stencil"}.freeze, reason: "true white, no film on the piece",
          words: "The letters are cut out of card and dabbed with paint. Middles of letters are held by bridges."
        ),
        Way.new(
          key: "trace", title: "White transfer paper, traced", **PAINTED, method_key: "tracing",
          picked: {colour: :white}.freeze, reason: "can be rubbed out",
          words: "Printed black on plain paper and drawn through white transfer paper; then painted in."
        ),
        Way.new(
          key: "cut-round", title: "White film, cut by hand", **ON_WHITE_FILM,
          recipe: [{"key" => "outline", "on" => true}.freeze].freeze, reason: "for few, large shapes",
          words: "A thin outline is printed on white film, and nothing inside it. Cut along the inside of the line."
        ),
        Way.new(key: "invert", title: "Invert it", words: "It is printed black instead, for a light piece.")
      ].each(&:freeze).freeze

      # those for dark artwork on a dark piece
      # @return [Array<Way>]
      def self.for_ink = ALL.select(&:method_key)

      # drawn in dark ink alone, on a dark piece
      # @param kind [Kind]  @param palette [Palette]  @param surface [Colour]  @return [Boolean]
      def self.wanted?(kind, palette, surface)
        !kind.toned? && ColoursOnPiece.new(palette, surface: surface).dark_on_dark?
      end

      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |way| way.key == key.to_s } ||
          raise(Errors::Unknown.new("There is no such choice.", remedy: "Choose one of those shown.", field: :file))
      end
    end
  end
end
