# frozen_string_literal: true

module UpClose
  module Placing
    # Where a mark lies: the middle of its ink's box from the piece's middle, its
    # width before turning, its turn. mm and degrees (clockwise, y downwards). Frozen.
    class Placement
      attr_reader :x_mm, :y_mm, :width_mm, :turn_deg

      def initialize(width_mm:, x_mm: 0, y_mm: 0, turn_deg: 0)
        @x_mm, @y_mm, @width_mm, @turn_deg = x_mm.to_f, y_mm.to_f, width_mm.to_f, turn_deg.to_f
        freeze
      end

      def centre = Geometry::Point.new(x_mm, y_mm)

      # @param changes [Hash] fields that differ  @return [Placement]
      def with(**changes)
        Placement.new(width_mm: width_mm, x_mm: x_mm, y_mm: y_mm, turn_deg: turn_deg, **changes)
      end

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Placement) && to_a == other.to_a
      alias_method :eql?, :==
      def hash = to_a.hash

      # @see Identity
      def identity = to_a

      def to_a = [x_mm, y_mm, width_mm, turn_deg]
    end
  end
end
