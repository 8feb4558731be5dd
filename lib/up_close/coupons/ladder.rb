# frozen_string_literal: true

module UpClose
  module Coupons
    # Lines of growing width beside each other, in one direction or round a corner; of gaps, the same in a solid.
    class Ladder
      LENGTH = 8.0
      BETWEEN = 1.2
      # of a solid round its gaps
      ROUND = 1.5
      # the innermost line of a curved ladder
      INNER = 4.0
      DIRECTIONS = {"0°" => 0, "90°" => 90, "45°" => 45, "135°" => 135}.freeze
      CURVED = "curved"
      # how far a curved line turns, and in how many pieces it is drawn
      TURN = Math::PI / 2
      PIECES = 48

      attr_reader :name

      # @param kind [Symbol] :line or :gap  @param direction [String] of DIRECTIONS, or CURVED
      # @param centre [Geometry::Point] of its box
      def initialize(kind, direction, centre, widths: WIDTHS, length: LENGTH)
        @kind, @direction, @centre, @widths, @length = kind, direction, centre, widths, length
        @name = "#{kind} #{direction}"
      end

      # @return [Array<Element>]
      def elements
        @elements ||= @widths.each_with_index.map do |width, i|
          Element.new(kind: @kind, ladder: name, size_mm: width, middle: middle(i))
        end
      end

      # @return [Geometry::Region] what is inked
      def ink
        lines = Geometry::Region.union(elements.map { |element| strip(element) })
        (@kind == :line) ? lines : solid - lines
      end

      private

      def curved? = @direction == CURVED

      # across all of its lines
      def across = @across ||= @widths.sum + BETWEEN * (@widths.size - 1)

      # where a line's middle lies across the ladder, from its first edge
      def offset(i) = @widths.first(i).sum + BETWEEN * i + @widths[i] / 2

      def middle(i)
        return arc(INNER + offset(i)) if curved?
        y = offset(i) - across / 2
        [[-@length / 2, y], [@length / 2, y]].map { |x, down| turned(Geometry::Point[x, down]) }
      end

      def turned(point)
        Geometry::Transform.turn(DIRECTIONS.fetch(@direction)).then(Geometry::Transform.move(@centre.x, @centre.y))
          .apply(point)
      end

      # about the lower left corner of its box
      def arc(radius)
        reach = INNER + across
        corner = @centre + Geometry::Point[-reach / 2, reach / 2]
        Array.new(PIECES + 1) do |k|
          angle = -TURN * k / PIECES
          corner + Geometry::Point[Math.cos(angle), Math.sin(angle)] * radius
        end
      end

      def strip(element)
        sides = [1, -1].map do |side|
          normals(element.middle).zip(element.middle).map { |n, p| (p + n * (side * element.size_mm / 2)).to_a }
        end
        Geometry::Region.polygon(sides.first + sides.last.reverse)
      end

      # at each place of a line, across it; of a curve, the mean of what meets there
      def normals(points)
        ways = points.each_cons(2).map { |a, b| (b - a).unit.normal }
        [ways.first, *ways.each_cons(2).map { |a, b| (a + b).unit }, ways.last]
      end

      def solid
        return curved_solid if curved?
        half = Geometry::Point[@length / 2 + ROUND, across / 2 + ROUND]
        corners = [[-1, -1], [1, -1], [1, 1], [-1, 1]].map { |x, y| Geometry::Point[x * half.x, y * half.y] }
        Geometry::Region.polygon(corners.map { |corner| turned(corner).to_a })
      end

      def curved_solid
        outer = arc(INNER + across + ROUND).map(&:to_a)
        inner = arc(INNER - ROUND).map(&:to_a)
        Geometry::Region.polygon(outer + inner.reverse)
      end
    end
  end
end
