# frozen_string_literal: true

module UpClose
  module Geometry
    # A place in the plane, mm unless the owner says otherwise. Frozen.
    class Point
      attr_reader :x, :y

      def self.[](x, y) = new(x, y)

      def initialize(x, y)
        @x = x.to_f
        @y = y.to_f
        freeze
      end

      ORIGIN = new(0, 0)

      def +(other) = Point.new(x + other.x, y + other.y)

      def -(other) = Point.new(x - other.x, y - other.y)

      def *(other) = Point.new(x * other, y * other)

      def dot(other) = x * other.x + y * other.y

      # z of the cross product: positive when +other+ lies anticlockwise (y up)
      def cross(other) = x * other.y - y * other.x

      def length = Math.hypot(x, y)

      def distance(other) = Math.hypot(x - other.x, y - other.y)

      def unit = (length.zero? ? self : self * (1.0 / length))

      # a quarter turn
      def normal = Point.new(-y, x)

      def ==(other) = other.is_a?(Point) && x == other.x && y == other.y
      alias_method :eql?, :==
      def hash = [x, y].hash

      def to_a = [x, y]

      def inspect = "#<Point #{x}, #{y}>"
    end
  end
end
