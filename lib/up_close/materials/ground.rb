# frozen_string_literal: true

module UpClose
  module Materials
    # What a mark is laid on: a material, finished, perhaps sanded to a grit. How rough it is, from its high
    # spots to its low ones. Frozen.
    class Ground
      # mean grain of sandpaper, µm (FEPA 43-1, P grades)
      GRAIN_UM = {
        60 => 269, 80 => 201, 100 => 162, 120 => 125, 150 => 100, 180 => 82, 220 => 68, 240 => 58.5, 280 => 52.2,
        320 => 46.2, 360 => 40.5, 400 => 35, 500 => 30.2, 600 => 25.8, 800 => 21.8, 1000 => 18.3, 1200 => 15.3,
        1500 => 12.6, 2000 => 10.3, 2500 => 8.4
      }.freeze
      # a scratch is about so deep as a share of the grain that makes it: a starting value
      SCRATCH = 0.25
      # sanded smooth, where no grit is said
      USUAL_GRIT = 240
      # a coat fills all but so much of what lies under it: a starting value
      SHOWS_THROUGH = 0.15
      GRITS = (40..3000)

      attr_reader :material, :finish, :grit

      # @param material [Material]  @param finish [Finish, nil]
      # @param grit [Integer, nil] in GRITS
      def initialize(material:, finish: nil, grit: nil)
        @material, @finish, @grit = material, finish, grit
        freeze
      end

      # the same sanded to a grit; nil where that is not done to it
      # @param grit [Integer]
      # @return [Ground, nil]
      def sanded_to(grit)
        Ground.new(material: material, finish: finish, grit: grit) if finish&.coated? || material.sanded_um
      end

      # @return [Float] µm
      def roughness_um = parts.map(&:last).sum.to_f

      # @return [Working]
      def working
        layers = parts.map { |words, um| "#{Working.number(um, 1)} µm #{words}" }
        Working.new("#{layers.join(" + ")}#{" = #{Working.number(roughness_um, 1)} µm" if layers.size > 1}",
          source: "starting values")
      end

      private

      # @return [Array<Array(String, Numeric)>] what adds up to it
      def parts
        return coated if finish&.coated?
        return sanded(grit || USUAL_GRIT) if material.sanded_um && (grit || finish&.sanded?)
        [[finish&.texture_um ? finish.title : "of #{material.title}", finish&.texture_um || material.texture_um]]
      end

      def coated
        under = (material.sanded_um || material.texture_um) * SHOWS_THROUGH
        top = grit ? scratch_um(grit) : finish.texture_um
        [[grit ? "scratches of #{grit} grit" : "of #{finish.title}", top], ["of #{material.title} under it", under]]
      end

      def sanded(grit)
        [["scratches of #{grit} grit", scratch_um(grit)], ["pores and grain", material.sanded_um]]
      end

      # the next coarser grit that is listed
      def scratch_um(grit) = GRAIN_UM.fetch(GRAIN_UM.keys.reverse.find { |listed| listed <= grit } || 60) * SCRATCH
    end
  end
end
