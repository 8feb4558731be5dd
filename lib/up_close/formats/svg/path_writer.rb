# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Writes a path as a d attribute.
      module PathWriter
        LETTERS = {move: "M", line: "L", curve: "C", close: "Z"}.freeze

        module_function

        # @param places [Integer] decimals kept
        def call(path, places: 4)
          path.commands.map { |verb, *points|
            LETTERS[verb] + points.map { |p| "#{number(p.x, places)} #{number(p.y, places)}" }.join(" ")
          }.join
        end

        # rings of plain numbers, each closed: of the same form, without a Point for each corner
        # @param rings [Array<Array<Array(Float, Float)>>]
        # @return [String]
        def rings(rings, places: 3)
          rings.map { |ring| "M#{ring.map { |x, y| "#{x.round(places)} #{y.round(places)}" }.join("L")}Z" }.join
        end

        # shortest decimal within +places+, never with an exponent
        def number(value, places = 4)
          rounded = value.to_f.round(places)
          return rounded.to_i.to_s if rounded == rounded.to_i
          (rounded.abs < 1e-4) ? format("%.#{places}f", rounded).sub(/0+\z/, "") : rounded.to_s
        end
      end
    end
  end
end
