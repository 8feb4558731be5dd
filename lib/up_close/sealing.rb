# frozen_string_literal: true

module UpClose
  # Finishes over a mark, one a file, judged by what lies on the piece.
  module Sealing
    extend Catalogue

    # @return [Boolean] whether a constant here is a sealer
    def self.definition?(constant) = constant.is_a?(Class) && constant < Sealer

    # @param sealer [Module]  @return [Array] its place in lists
    def self.rank(sealer) = place_in_lists(sealer.listed, sealer.key)

    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |sealer| sealer.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "There is no finish called “#{key}”.",
          remedy: "Choose one of: #{all.map(&:title).join(", ")}.",
          field: :sealer
        ))
    end
  end
end
