# frozen_string_literal: true

module UpClose
  module Etching
    # A metal as far as a bath or a current eats it. Frozen.
    class Metal
      # One element of an alloy: share of its mass 0..1, g/mol, charge it leaves with. Frozen.
      Part = Value.define(:element, :share, :molar_g, :charge, keyword_init: true)

      attr_reader :key, :title, :density, :parts, :current_a_dm2, :current_refusal

      # @param density [Float] g/cm³  @param parts [Array<Part>] shares sum to 1
      # @param current_a_dm2 [Range, nil] that etches cleanly, A/dm²: a starting value; nil: never by current
      # @param current_refusal [String, nil] why not by current
      def initialize(key, title, density:, parts:, current_a_dm2: nil, current_refusal: nil)
        @key, @title, @density, @parts = key, title, density, parts.freeze
        @current_a_dm2, @current_refusal = current_a_dm2, current_refusal
        freeze
      end

      # How much of it one mole of electrons takes: 1 ÷ Σ share × charge ÷ molar mass, since each part of an alloy
      # wants its own share of the charge.
      # @return [Float] g
      def equivalent_g = 1.0 / parts.sum { |part| part.share * part.charge / part.molar_g }

      # @param area_mm2 [Numeric]  @param depth_mm [Numeric]
      # @return [Float] g
      def mass_g(area_mm2, depth_mm) = area_mm2 * depth_mm / 1000.0 * density

      COPPER = {element: "Cu", molar_g: 63.546, charge: 2}.freeze
      ZINC = {element: "Zn", molar_g: 65.38, charge: 2}.freeze

      ALL = [
        new("copper", "copper", density: 8.96, parts: [Part.new(**COPPER, share: 1.0)], current_a_dm2: 1.0..5.0),
        new(
          "brass", "brass", density: 8.47, current_a_dm2: 1.0..5.0,
          parts: [Part.new(**COPPER, share: 0.63), Part.new(**ZINC, share: 0.37)]
        ),
        new(
          "silver", "silver", density: 10.49, current_a_dm2: 0.5..3.0,
          parts: [Part.new(element: "Ag", molar_g: 107.868, charge: 1, share: 1.0)]
        ),
        new(
          "steel", "steel", density: 7.87, current_a_dm2: 2.0..10.0,
          parts: [Part.new(element: "Fe", molar_g: 55.845, charge: 2, share: 1.0)]
        ),
        new(
          "stainless", "stainless steel", density: 7.93,
          parts: [
            Part.new(element: "Fe", molar_g: 55.845, charge: 2, share: 0.74),
            Part.new(element: "Cr", molar_g: 51.996, charge: 3, share: 0.18),
            Part.new(element: "Ni", molar_g: 58.693, charge: 2, share: 0.08)
          ],
          current_refusal: "Current frees chromium VI from stainless steel: it causes cancer."
        ),
        new(
          "aluminium", "aluminium", density: 2.70, current_a_dm2: 1.0..5.0,
          parts: [Part.new(element: "Al", molar_g: 26.982, charge: 3, share: 1.0)]
        )
      ].freeze

      # @param key [String, Symbol]
      # @return [Metal]
      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |metal| metal.key == key.to_s } ||
          raise(Errors::Unknown.new(
            "There is no metal called “#{key}” here.", remedy: "Choose one of: " \
              "#{ALL.map(&:key).join(", ")}.", field: :metal
          ))
      end
    end
  end
end
