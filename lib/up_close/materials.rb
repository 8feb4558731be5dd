# frozen_string_literal: true

module UpClose
  # What pieces are made of and how they are finished, as far as a transfer cares.
  module Materials
    # Frozen.
    class Material
      attr_reader :key, :title, :family, :heat_c, :colour, :texture_um, :sanded_um

      # @param family [Symbol] one of FAMILIES
      # @param heat_c [Integer] highest temperature it takes (a starting value)
      # @param texture_um [Numeric] µm from its high spots to its low ones, as it comes (a starting value)
      # @param sanded_um [Numeric, nil] what of that is left whatever the grit: pores, grain; nil: it is not sanded
      # @param dissolves [Boolean] acetone and lacquer thinner attack it
      # @param porous [Boolean] ink can sink in
      # @param glued [Boolean] there is glue in it
      def initialize(
        key, title, family:, heat_c:, colour:, texture_um:, sanded_um: nil, dissolves: false, porous: false,
        glued: false
      )
        @key, @title, @family, @heat_c, @colour = key, title, family, heat_c, colour
        @texture_um, @sanded_um, @dissolves, @porous, @glued = texture_um, sanded_um, dissolves, porous, glued
        freeze
      end

      def glued? = @glued

      def dissolves? = @dissolves

      def porous? = @porous
    end

    # Frozen.
    class Finish
      attr_reader :key, :title, :texture_um

      # @param coat [Symbol, nil] :paint or :clear, what covers the material
      # @param texture_um [Numeric, nil] µm, of the coat or as it is worked; nil: as the material comes
      # @param sanded [Boolean] to a grit
      def initialize(key, title, coat: nil, glossy: false, chalky: false, texture_um: nil, sanded: false)
        @key, @title, @coat, @glossy, @chalky = key, title, coat, glossy, chalky
        @texture_um, @sanded = texture_um, sanded
        freeze
      end

      def sanded? = @sanded

      def coated? = !@coat.nil?

      def painted? = @coat == :paint

      def glossy? = @glossy

      def chalky? = @chalky
    end

    FAMILIES = %i[wood metal plastic glass paper stone leather cloth cork].freeze

    # heat and texture are starting values
    ALL = [
      Material.new(
        "wood", "wood", family: :wood, heat_c: 180, colour: "#d9b98a", texture_um: 120, sanded_um: 10, porous: true
      ),
      Material.new(
        "plywood", "plywood",
        family: :wood, heat_c: 120, colour: "#dcc191", texture_um: 120, sanded_um: 10, porous: true, glued: true
      ),
      Material.new("cork", "cork", family: :cork, heat_c: 120, colour: "#c69c6d", texture_um: 400, sanded_um: 150,
        porous: true),
      Material.new("brass", "brass", family: :metal, heat_c: 250, colour: "#c9a646", texture_um: 5, sanded_um: 0),
      Material.new("copper", "copper", family: :metal, heat_c: 180, colour: "#b8734a", texture_um: 5, sanded_um: 0),
      Material.new("silver", "silver", family: :metal, heat_c: 250, colour: "#cfcfca", texture_um: 5, sanded_um: 0),
      Material.new("steel", "steel", family: :metal, heat_c: 250, colour: "#a9adb0", texture_um: 5, sanded_um: 0),
      Material.new(
        "aluminium", "aluminium", family: :metal, heat_c: 250, colour: "#c4c6c7", texture_um: 5, sanded_um: 0
      ),
      Material.new(
        "polystyrene", "polystyrene",
        family: :plastic, heat_c: 60, colour: "#e6e4de", texture_um: 5, sanded_um: 0, dissolves: true
      ),
      Material.new(
        "acrylic", "acrylic",
        family: :plastic, heat_c: 60, colour: "#dfe6e8", texture_um: 2, sanded_um: 0, dissolves: true
      ),
      Material.new(
        "resin", "cast resin",
        family: :plastic, heat_c: 60, colour: "#e9e2cf", texture_um: 5, sanded_um: 0, dissolves: true
      ),
      Material.new(
        "bone-resin", "bone-like resin",
        family: :plastic, heat_c: 60, colour: "#ece3cc", texture_um: 8, sanded_um: 2, dissolves: true
      ),
      Material.new("glass", "glass", family: :glass, heat_c: 160, colour: "#dbe7e6", texture_um: 1),
      Material.new("glazed", "glazed ware", family: :glass, heat_c: 160, colour: "#f2efe6", texture_um: 2),
      Material.new("slate", "slate", family: :stone, heat_c: 160, colour: "#4a4f52", texture_um: 180, sanded_um: 30),
      Material.new("stone", "stone", family: :stone, heat_c: 160, colour: "#c9c3b6", texture_um: 220, sanded_um: 40,
        porous: true),
      Material.new(
        "leather", "leather", family: :leather, heat_c: 80, colour: "#a8744a", texture_um: 120, porous: true
      ),
      Material.new("canvas", "canvas", family: :cloth, heat_c: 150, colour: "#ece4d2", texture_um: 350, porous: true),
      Material.new("card", "card", family: :paper, heat_c: 150, colour: "#eee6d4", texture_um: 20, porous: true),
      Material.new("paper", "paper", family: :paper, heat_c: 150, colour: "#f4f0e6", texture_um: 15, porous: true)
    ].freeze

    FINISHES = [
      Finish.new("raw", "bare"),
      Finish.new("sanded", "bare, sanded smooth", sanded: true),
      Finish.new("matt-paint", "matt paint", coat: :paint, texture_um: 15),
      Finish.new("chalk-paint", "chalky matt paint", coat: :paint, chalky: true, texture_um: 20),
      Finish.new("satin-paint", "satin paint", coat: :paint, texture_um: 8),
      Finish.new("gloss-paint", "gloss paint", coat: :paint, glossy: true, texture_um: 3),
      Finish.new("sealed", "sealed or varnished, gloss", coat: :clear, glossy: true, texture_um: 3),
      Finish.new("sealed-satin", "sealed or varnished, satin or matt", coat: :clear, texture_um: 10),
      Finish.new("poured", "poured resin or paint, gloss", coat: :paint, glossy: true, texture_um: 2),
      Finish.new("polished", "polished", glossy: true, texture_um: 1),
      Finish.new("etched", "etched or brushed", texture_um: 15)
    ].freeze

    # @raise [Errors::Unknown]
    def self.material(key) = find(ALL, key, :material)

    # @raise [Errors::Unknown]
    def self.finish(key) = find(FINISHES, key, :finish)

    # @param list [Array<Material, Finish>]  @raise [Errors::Unknown]
    def self.find(list, key, field)
      list.find { |item| item.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "There is no #{field} called “#{key}”.",
          remedy: "Choose one of: #{list.map(&:title).join(", ")}.",
          field: field
        ))
    end
  end
end
