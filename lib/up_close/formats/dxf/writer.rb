# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # Writes outlines in millimetres, y upwards: closed polylines, as every
      # reader since release 12 takes them.
      module Writer
        module_function

        # @param layers [Hash{String => Array<Geometry::Path>}]
        # @param tolerance [Float] mm between a curve and its chords
        # @return [String]
        def call(layers, tolerance: 0.0005)
          entities = layers.flat_map do |layer, paths|
            paths.flat_map { |path| path.flatten(tolerance).map { |points, closed| polyline(layer, points, closed) } }
          end
          pairs = [
            [0, "SECTION"], [2, "HEADER"], [9, "$ACADVER"], [1, "AC1009"], [9, "$INSUNITS"], [70, 4], [0, "ENDSEC"],
            [0, "SECTION"], [2, "ENTITIES"], *entities.flatten(1), [0, "ENDSEC"], [0, "EOF"]
          ]
          pairs.map { |code, value| "#{code}\n#{value}\n" }.join
        end

        # @param points [Array<Geometry::Point>]
        # @param closed [Boolean]
        # @return [Array<Array(Integer, Object)>] group codes
        def polyline(layer, points, closed)
          shut = closed && points.size > 1 && points.first.distance(points.last) < Tolerance::ROUNDING
          points = points[0..-2] if shut
          [
            [0, "POLYLINE"],
            [8, layer],
            [66, 1],
            [70, closed ? 1 : 0],
            *points.flat_map { |p| [[0, "VERTEX"], [8, layer], [10, number(p.x)], [20, number(-p.y)]] },
            [0, "SEQEND"]
          ]
        end

        # @param value [Numeric] mm  @return [String]
        def number(value) = format("%.5f", value).sub(/\A-(0\.0+)\z/, '\1')
      end
    end
  end
end
