# frozen_string_literal: true

module UpClose
  module Templates
    # Windows for inner lines: a slot along each line, one edge of it the true one, the other cleared for the pencil.
    # Slots that cross would cut the sheet apart: they go on two templates.
    class Slots
      # one slot: its area, its true edge, which side of that it lies on (1 left of the way along it, −1 right), and
      # which template it is on (0 or 1)
      Slot = Value.define(:region, :true_edge, :side, :on)

      # how far a slot stays from the sheet's edge, mm
      EDGE_MM = 3.0

      # @param sheet [Geometry::Region]  @param lines [Array<Array(Array<Geometry::Point>, Boolean)>]
      # @param window_mm [Float]
      def initialize(sheet, lines, window_mm:)
        @sheet, @lines, @window = sheet, lines, window_mm
        @inside = sheet.shrunk(EDGE_MM)
      end

      # @return [Array<Slot>]
      def call
        drawn = @lines.filter_map { |points, closed| slot(closed ? points + [points.first] : points) }
        drawn.each_with_object([]) do |slot, kept|
          kept << Slot.new(slot.region, slot.true_edge, slot.side, template(slot, kept))
        end
      end

      private

      # on the left of the line, or on the right where the left leaves the sheet
      # @return [Slot, nil] nil where none of it lies within the sheet
      def slot(points)
        line = within(points) or return
        side, region = [1, -1].map { |way| [way, window(line, way) & @inside] }.max_by { |_, area| area.area }
        Slot.new(region, line, side, 0) unless region.empty?
      end

      # the line without what lies too near the sheet's edge
      def within(points)
        shape = Geos::WkbReader.new.read(Geometry::Wkb.line(points.map(&:to_a)))
        kept = shape.intersection(@inside.shape)
        lines = kept.is_a?(Geos::LineString) ? [kept] : kept.each.grep(Geos::LineString)
        longest = lines.max_by(&:length) or return
        line = Geometry::Wkb.points(Geos::WkbWriter.new.write(longest))
        line.map { |x, y| Geometry::Point[x, y] } if line.size > 1
      end

      # one side of a line, as wide as the window; the two ends square
      def window(line, side)
        flat = line.each_cons(2).map { |from, to| strip(from, to, side) }
        corners = line[1..-2].to_a.map { |point| Geometry::Region.disc(point, @window) & beside(flat) }
        Geometry::Region.union(flat + corners)
      end

      def strip(from, to, side)
        way = (to - from)
        return Geometry::Region.none if way.length < Tolerance::ROUNDING
        off = way.unit.normal * (side * @window)
        Geometry::Region.polygon([from, to, to + off, from + off].map(&:to_a))
      end

      # round an outer corner the window goes on, no further than just beside its two strips
      def beside(strips) = Geometry::Region.union(strips).grown(@window * 0.05)

      # the first template on which it crosses none
      def template(slot, kept)
        crosses = kept.select { |other| other.region.grown(EDGE_MM / 2).shape.intersects?(slot.region.shape) }
        (crosses.any? { |other| other.on.zero? }) ? 1 : 0
      end
    end
  end
end
