# frozen_string_literal: true

module UpClose
  # What pieces are made of and how they are finished, as far as a transfer cares.
  module Materials
    # Frozen.
    class Material
      attr_reader :key, :title, :family, :heat_c, :colour

      # @param family [Symbol] :wood, :metal, :plastic, :glass, :paper
      # @param heat_c [Integer] highest temperature it takes (a starting value)
      # @param dissolves [Boolean] acetone and lacquer thinner attack it
      # @param porous [Boolean] ink can sink in
      def initialize(key, title, family:, heat_c:, colour:, dissolves: false, porous: false)
        @key, @title, @family, @heat_c, @colour = key, title, family, heat_c, colour
        @dissolves, @porous = dissolves, porous
        freeze
      end

      def dissolves? = @dissolves

      def porous? = @porous
    end

    # Frozen.
    class Finish
      attr_reader :key, :title

      # @param coat [Symbol, nil] :paint or :clear, what covers the material
      def initialize(key, title, coat: nil, glossy: false, chalky: false)
        @key, @title, @coat, @glossy, @chalky = key, title, coat, glossy, chalky
        freeze
      end

      def coated? = !@coat.nil?

      def painted? = @coat == :paint

      def glossy? = @glossy

      def chalky? = @chalky
    end

    ALL = [
      Material.new("wood", "wood", family: :wood, heat_c: 180, colour: "#d9b98a", porous: true),
      Material.new("plywood", "plywood", family: :wood, heat_c: 120, colour: "#dcc191", porous: true),
      Material.new("brass", "brass", family: :metal, heat_c: 250, colour: "#c9a646"),
      Material.new("copper", "copper", family: :metal, heat_c: 180, colour: "#b8734a"),
      Material.new("silver", "silver", family: :metal, heat_c: 250, colour: "#cfcfca"),
      Material.new("steel", "steel", family: :metal, heat_c: 250, colour: "#a9adb0"),
      Material.new("aluminium", "aluminium", family: :metal, heat_c: 250, colour: "#c4c6c7"),
      Material.new("polystyrene", "polystyrene", family: :plastic, heat_c: 60, colour: "#e6e4de", dissolves: true),
      Material.new("acrylic", "acrylic", family: :plastic, heat_c: 60, colour: "#dfe6e8", dissolves: true),
      Material.new("resin", "cast resin", family: :plastic, heat_c: 60, colour: "#e9e2cf", dissolves: true),
      Material.new("glass", "glass", family: :glass, heat_c: 160, colour: "#dbe7e6"),
      Material.new("glazed", "glazed ware", family: :glass, heat_c: 160, colour: "#f2efe6"),
      Material.new("card", "card", family: :paper, heat_c: 150, colour: "#eee6d4", porous: true)
    ].freeze

    FINISHES = [
      Finish.new("raw", "bare"),
      Finish.new("sanded", "bare, sanded smooth"),
      Finish.new("matt-paint", "matt paint", coat: :paint),
      Finish.new("chalk-paint", "chalky matt paint", coat: :paint, chalky: true),
      Finish.new("gloss-paint", "gloss paint", coat: :paint, glossy: true),
      Finish.new("sealed", "sealed or varnished, gloss", coat: :clear, glossy: true),
      Finish.new("sealed-satin", "sealed or varnished, satin or matt", coat: :clear),
      Finish.new("polished", "polished", glossy: true),
      Finish.new("etched", "etched or brushed")
    ].freeze

    # @raise [Errors::Unknown]
    def self.material(key) = find(ALL, key, :material)

    # @raise [Errors::Unknown]
    def self.finish(key) = find(FINISHES, key, :finish)

    def self.find(list, key, field)
      list.find { |item| item.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "Up Close knows no #{field} called “#{key}”.",
          remedy: "Choose one of: #{list.map(&:title).join(", ")}.",
          field: field
        ))
    end
  end
end
