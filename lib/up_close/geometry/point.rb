# frozen_string_literal: true

module UpClose
  module Geometry
    # A place in the plane, mm unless the owner says otherwise. Frozen.
    class Point
      attr_reader :x, :y

      # @return [Point]
      def self.[](x, y) = new(x, y)

      def initialize(x, y)
        @x = x.to_f
        @y = y.to_f
        freeze
      end

      ORIGIN = new(0, 0)

      # @param other [Point]  @return [Point]
      def +(other) = Point.new(x + other.x, y + other.y)

      # @param other [Point]  @return [Point]
      def -(other) = Point.new(x - other.x, y - other.y)

      # @param other [Numeric]  @return [Point]
      def *(other) = Point.new(x * other, y * other)

      # @param other [Point]  @return [Numeric]
      def dot(other) = x * other.x + y * other.y

      # z of the cross product: positive when +other+ lies anticlockwise (y up)
      def cross(other) = x * other.y - y * other.x

      def length = Math.hypot(x, y)

      # @param other [Point]  @return [Float]
      def distance(other) = Math.hypot(x - other.x, y - other.y)

      def unit = (length.zero? ? self : self * (1.0 / length))

      # a quarter turn
      def normal = Point.new(-y, x)

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Point) && x == other.x && y == other.y
      alias_method :eql?, :==
      def hash = [x, y].hash

      # @see Identity
      def identity = to_a

      def to_a = [x, y]

      def inspect = "#<Point #{x}, #{y}>"
    end
  end
end
