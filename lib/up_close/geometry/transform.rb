# frozen_string_literal: true

module UpClose
  module Geometry
    # An affine map, as SVG's matrix(a b c d e f): x′ = ax + cy + e, y′ = bx + dy + f. Frozen.
    class Transform
      attr_reader :a, :b, :c, :d, :e, :f

      def initialize(a, b, c, d, e, f)
        @a, @b, @c, @d, @e, @f = [a, b, c, d, e, f].map(&:to_f)
        freeze
      end

      IDENTITY = new(1, 0, 0, 1, 0, 0)

      # @return [Transform]
      def self.move(x, y) = new(1, 0, 0, 1, x, y)

      # @return [Transform]
      def self.scale(x, y = x) = new(x, 0, 0, y, 0, 0)

      # @param degrees [Numeric] from x towards y
      def self.turn(degrees)
        radians = degrees * Math::PI / 180
        cos, sin = Math.cos(radians), Math.sin(radians)
        new(cos, sin, -sin, cos, 0, 0)
      end

      # self first, then +other+
      def then(other)
        Transform.new(
          other.a * a + other.c * b, other.b * a + other.d * b,
          other.a * c + other.c * d, other.b * c + other.d * d,
          other.a * e + other.c * f + other.e, other.b * e + other.d * f + other.f
        )
      end

      # @param most [Float]  @return [Boolean] every one of its numbers is one, and no larger
      def within?(most) = [a, b, c, d, e, f].all? { |number| number.abs <= most }

      # @param point [Point]  @return [Point]
      def apply(point) = Point.new(a * point.x + c * point.y + e, b * point.x + d * point.y + f)

      def determinant = a * d - b * c

      # @return [Transform] the way back
      # @raise [ZeroDivisionError] when it lays all on one line
      def inverse
        raise ZeroDivisionError, "no way back" if determinant.zero?
        by = 1 / determinant
        Transform.new(d * by, -b * by, -c * by, a * by, (c * f - d * e) * by, (b * e - a * f) * by)
      end

      # factor by which a length grows, as the root of the area's growth
      def mean_scale = Math.sqrt(determinant.abs)

      # true when lengths grow alike in every direction
      def even?(tolerance = Tolerance::SLIGHT)
        first, second = Math.hypot(a, b), Math.hypot(c, d)
        (first - second).abs <= tolerance * [first, second].max && (a * c + b * d).abs <= tolerance * first * second
      end

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Transform) && to_a == other.to_a
      alias_method :eql?, :==
      def hash = to_a.hash

      def to_a = [a, b, c, d, e, f]

      def inspect = "#<Transform #{to_a.join(" ")}>"
    end
  end
end
