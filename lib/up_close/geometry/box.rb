# frozen_string_literal: true

module UpClose
  module Geometry
    # An upright rectangle. Frozen.
    class Box
      attr_reader :x, :y, :width, :height

      # @param points [Array<Geometry::Point>] one or more  @return [Box]
      def self.around(points)
        xs = points.map(&:x)
        ys = points.map(&:y)
        new(x: xs.min, y: ys.min, width: xs.max - xs.min, height: ys.max - ys.min)
      end

      # @param x [Numeric] left  @param y [Numeric] top (y grows downwards)
      def initialize(x:, y:, width:, height:)
        @x, @y, @width, @height = x.to_f, y.to_f, width.to_f, height.to_f
        freeze
      end

      def right = x + width

      def bottom = y + height

      def area = width * height

      def centre = Point.new(x + width / 2, y + height / 2)

      def corners = [Point.new(x, y), Point.new(right, y), Point.new(right, bottom), Point.new(x, bottom)]

      # @param by [Numeric] on each side; negative: shrunk  @return [Box]
      def grown(by) = Box.new(x: x - by, y: y - by, width: width + 2 * by, height: height + 2 * by)

      # @param other [Box]  @return [Box] around both
      def union(other) = Box.around(corners + other.corners)

      # what both share; of no size when they share nothing
      def overlap(other)
        left, top = [x, other.x].max, [y, other.y].max
        Box.new(
          x: left,
          y: top,
          width: [[right, other.right].min - left, 0].max,
          height: [[bottom, other.bottom].min - top, 0].max
        )
      end

      def empty? = width <= 0 || height <= 0

      # @param other [Box]  @return [Boolean]
      def inside?(other, slack: Tolerance::ROUNDING)
        x >= other.x - slack && y >= other.y - slack && right <= other.right + slack && bottom <= other.bottom + slack
      end

      # @param other [Box]  @return [Boolean] more than their edges touch
      def overlaps?(other, slack: Tolerance::ROUNDING)
        x < other.right - slack && other.x < right - slack && y < other.bottom - slack && other.y < bottom - slack
      end

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Box) && to_a == other.to_a
      alias_method :eql?, :==
      def hash = to_a.hash

      # @see Identity
      def identity = to_a

      def to_a = [x, y, width, height]

      def inspect = "#<Box #{x}, #{y}, #{width} × #{height}>"
    end
  end
end
