# frozen_string_literal: true

require "delegate"

module UpClose
  module Surfaces
    # A shape with places on it where no ink may lie. Answers as the shape does,
    # with those taken out.
    class WithKeepOuts < SimpleDelegator
      attr_reader :keep_outs

      # @param shape [Shape]  @param keep_outs [Array<KeepOut>]
      def initialize(shape, keep_outs)
        super(shape)
        @keep_outs = keep_outs.freeze
      end

      def bare = __getobj__

      # @see Identity
      def identity = [bare, keep_outs]

      def mirrored = WithKeepOuts.new(bare.mirrored, keep_outs.map(&:mirrored))

      # @param ink [Placing::PlacedInk]  @return [Float] mm
      def clearance_of(ink) = [bare.clearance_of(ink), *keep_outs.map { |k| k.clearance_of(ink) }].min

      # @param point [Geometry::Point] mm from the middle  @return [Float] mm to the nearest edge, negative outside
      def inside_distance(point) = [bare.inside_distance(point), *keep_outs.map { |k| k.outside_distance(point) }].min

      def path = keep_outs.reduce(bare.path) { |whole, k| whole + k.path }

      # @param by [Float] mm  @return [Geometry::Path] that far inside the edge; empty when nothing is left
      def inset(by) = keep_outs.reduce(bare.inset(by)) { |whole, k| whole + k.grown(by).path }

      # ink itself must be looked at, since a hull would bridge a screw
      def hole? = true

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other)
        other.is_a?(WithKeepOuts) && other.bare == bare && other.keep_outs.map(&:to_h) == keep_outs.map(&:to_h)
      end
    end
  end
end
