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

    def self.rank(sealer) = place_in(ORDER, sealer.key)

    # A method's work and its sealing, as one run: coats that go under the mark come after the
    # ground has been made ready.
    # @param sealer [Class] a Sealer  @param setting [Methods::MethodChoice]
    # @return [Array<Methods::Step>]
    def self.whole_work(sealer, setting)
      steps, under = setting.steps, sealer.under_steps(setting)
      ready = (steps.index { |step| step.key == "ground" } || steps.index { |step| step.phase == :apply } || 0) + 1
      steps.first(ready) + under + steps.drop(ready) + sealer.steps(setting)
    end

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
