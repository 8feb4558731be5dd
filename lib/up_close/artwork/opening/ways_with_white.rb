# frozen_string_literal: true

module UpClose
  module Artwork
    # What can be done with artwork that is all white, printers having no white.
    module WaysWithWhite
      # method_key, stock and schools are nil where the maker decides later; recipe as Recipe takes it. Frozen.
      Way = Value.define(:key, :title, :words, :method_key, :stock, :picked, :recipe, keyword_init: true)

      ALL = [
        Way.new(key: "invert", title: "Invert it", words: "It is printed black instead, for a light piece."),
        Way.new(
          key: "cut-round",
          title: "White film, cut by hand",
          method_key: "water-slide",
          stock: "white-film",
          recipe: [{"key" => "outline", "on" => true}].freeze,
          words: "A thin outline is printed on white film, and nothing inside it. Cut along the inside of the line."
        ),
        Way.new(
          key: "trace",
          title: "White transfer paper, to trace",
          method_key: "tracing",
          picked: {colour: :white}.freeze,
          words: "It is printed black on plain paper, and drawn through white transfer paper."
        )
      ].each(&:freeze).freeze

      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |way| way.key == key.to_s } ||
          raise(Errors::Unknown.new("There is no such choice.", remedy: "Choose one of those shown.", field: :file))
      end
    end
  end
end
