# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # How white letters look on their piece, by the way they are made: pictures to choose by, not proofs. Light is
    # worked out as ColoursOnPiece has it.
    class WhiteLook
      # of the field round the letters and of film left round it, as Preparing::Field and the school have them; bare
      # piece beyond, mm
      MARGIN_MM = Preparing::Field::PARAMETERS.find { |figure| figure.key == :margin_mm }.default
      ROUND_MM = Preparing::Field::PARAMETERS.find { |figure| figure.key == :round_mm }.default
      RIM_MM, BEYOND_MM = 1.0, 1.5
      # light that white paint sends back, and white transfer paper's line, 0..1
      PAINT, CHALK = 0.9, 0.6
      # a line drawn by hand, mm
      PEN_MM = 0.5

      # @param proof [SizedRaster] of the letters in dark ink  @param surface [Colour]
      def initialize(proof, surface:)
        @per_mm, @surface = proof.per_mm, surface
        room = (MARGIN_MM + RIM_MM + BEYOND_MM) * @per_mm - SizedRaster::MARGIN
        tone = proof.tone
        wide, high = [tone.width, tone.height].map { |px| (px + 2 * room).round }
        @ink = Graphics::Pixels.held(tone.embed(room.round, room.round, wide, high, extend: :black))
      end

      # @param key [String] of WaysWithWhite.for_ink  @return [Vips::Image] sRGB, 8 bit
      def picture(key)
        light =
          case key.to_s
          when "field" then field
          when "stencil" then over(@ink, [PAINT] * 3, bare)
          when "trace" then over(traced, [CHALK] * 3, bare)
          when "cut-round" then over(@ink, film, bare)
          else raise Errors::Unknown.new("There is no such choice.", remedy: "Choose one of those shown.", field: :way)
          end
        Graphics::Pixels.held(light.cast(:float).copy(interpretation: :scrgb).colourspace(:srgb))
      end

      private

      def bare = @surface.reflectance

      def film = ColoursOnPiece.ground(@surface, :white)

      # open letters show the film; round the field a rim of it
      def field
        printed = Preparing::Field.printed(@surface, @surface).reflectance.zip(film).map { |a, ground| a * ground }
        rimmed = over(block(MARGIN_MM + RIM_MM), film, bare)
        over(@ink, film, over(block(MARGIN_MM), printed, rimmed))
      end

      # @param beyond_mm [Float] past the ink  @return [Vips::Image] a mask
      def block(beyond_mm)
        frame = Geometry::Box.new(x: 0, y: 0, width: @ink.width, height: @ink.height)
        inset = (MARGIN_MM + RIM_MM + BEYOND_MM - beyond_mm) * @per_mm
        box = frame.grown(-inset)
        corner = [(ROUND_MM + beyond_mm - MARGIN_MM) * @per_mm, box.width / 2, box.height / 2].min
        path = Geometry::Shapes.rounded_rectangle(box, corner, corner)
        drawn = Drawing.new([Graphics::Painted.new(path: path, fill: Colour::BLACK)])
        InkTone.tone(Formats::SVG::Raster.call(drawn, frame: frame, scale: 1.0))
      end

      # its outline, as wide as a pen's line
      def traced
        pen = [(PEN_MM * @per_mm).round | 1, 3].max
        Graphics::Pixels.grown(@ink, pen) - Graphics::Pixels.worn(@ink, pen)
      end

      # @param mask [Vips::Image] 0..255  @param light [Array<Float>] of three channels
      # @param under [Array<Float>, Vips::Image]
      def over(mask, light, under)
        share = mask / 255.0
        bands = Array.new(3) { |i| share * light[i] + (share * -1 + 1) * under[i] }
        Graphics::Pixels.held(bands.first.bandjoin(bands.drop(1)))
      end
    end
  end
end
