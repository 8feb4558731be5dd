# frozen_string_literal: true

module UpClose
  # Finishes over a mark, one a file, judged by what lies on the piece.
  module Sealing
    ORDER = %w[
      spray-acrylic spray-lacquer spray-satin spray-matt brushed-water wiped-oil shellac cup-coat cast-resin baked-gloss
      oil-wax none
    ].freeze

    extend Catalogue

    # @return [Boolean] whether a constant here is a sealer
    def self.definition?(found) = found.is_a?(Class) && found < Sealer

    # @param sealer [Module]  @return [Array] its place in lists
    def self.rank(sealer) = place_in(ORDER, sealer.key)

    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |sealer| sealer.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "Up Close knows no sealer called “#{key}”.",
          remedy: "Choose one of: #{all.map(&:title).join(", ")}.",
          field: :sealer
        ))
    end
  end
end
