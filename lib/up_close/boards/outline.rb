# frozen_string_literal: true

module UpClose
  module Boards
    # The edge of a board, closed from the lines of its outline file: the middle of the pen is the edge.
    module Outline
      # ends this near each other are one, mm
      CLOSED_MM = 0.01

      module_function

      # @param layers [Array<Layer>] of kind outline
      # @return [Geometry::Region, nil] the largest outline with the holes drawn in it; nil where none closes
      def call(layers)
        lines = layers.filter_map(&:image).flat_map(&:lines)
        return if lines.empty?
        closed(lines).parts.max_by { |part| part.box.width * part.box.height } || solid(layers)
      end

      # an outline filled as a region needs no closing
      def solid(layers)
        filled = layers.filter_map(&:image).find { |image| image.count(:region).positive? }
        filled&.region&.parts&.max_by(&:area)
      end

      # what the lines close round; what they close round inside that is cut out
      # @return [Geometry::Region]
      def closed(lines)
        wkb = [1, 5, lines.size].pack("CVV") + lines.map { |line| line(line) }.join
        Geometry::Region.new(Geos::WkbReader.new.read(wkb).unary_union.build_area)
      end

      # @param points [Array<Array(Float, Float)>]  @return [String] well-known binary
      def line(points)
        rounded = points.flatten.map { |value| (value / CLOSED_MM).round * CLOSED_MM }
        [1, 2, points.size].pack("CVV") + rounded.pack("E*")
      end
    end
  end
end
