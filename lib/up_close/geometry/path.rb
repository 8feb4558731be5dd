# frozen_string_literal: true

module UpClose
  module Geometry
    # Lines and cubic curves: an array of commands
    # [:move, p], [:line, p], [:curve, control, control, p], [:close]. Frozen.
    class Path
      attr_reader :commands

      def initialize(commands)
        @commands = commands.freeze
        freeze
      end

      EMPTY = new([])

      # @see Identity
      def identity = commands

      # @param points [Array<Point>]  @return [Path] closed
      def self.polygon(points)
        new(points.each_with_index.map { |p, i| [i.zero? ? :move : :line, p] } + [[:close]])
      end

      # @param map [Transform]  @return [Path]
      def transform(map) = Path.new(commands.map { |verb, *points| [verb, *points.map { |p| map.apply(p) }] })

      # @param other [Path]  @return [Path] one after the other
      def +(other) = Path.new(commands + other.commands)

      def empty? = commands.none? { |verb, *| verb == :line || verb == :curve }

      # @param tolerance [Float] greatest distance between curve and chord, in the path's own units
      # @return [Array<Array(Array<Point>, Boolean)>] points of each subpath, and whether it closes
      def flatten(tolerance) = Algorithms::Flatten.new(tolerance).call(self)

      # Exact extremes of the bare line (no stroke): curve extrema from the
      # roots of the derivative, not from sampling.
      # @return [Box, nil]
      def box
        points = Algorithms::PathExtremes.call(self)
        points.empty? ? nil : Box.around(points)
      end
    end
  end
end
