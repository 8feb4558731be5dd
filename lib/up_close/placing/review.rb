# frozen_string_literal: true

module UpClose
  module Placing
    # What can be said about a mark where it lies: findings, each with its working.
    class Review
      # @param room [FitSearch]  @param shape [Surfaces::Shape]  @param clearance_mm [Float] wanted
      # @param writer [Measure::LengthWriter]
      def initialize(room:, shape:, clearance_mm:, writer:)
        @room, @shape, @wanted, @writer = room, shape, clearance_mm, writer
      end

      # @return [Array<Finding>]
      def findings = [edge, largest, middle].compact

      # how far the ink stays from the edge
      def edge
        gap = @room.clearance
        Finding.new(
          key: :edge,
          title: (gap < 0) ? "Outside the #{@shape.edge_word}" : "Distance from the #{@shape.edge_word}",
          verdict: edge_verdict(gap),
          figure: mm(gap.abs),
          value: gap,
          unit: "mm",
          limit: @wanted,
          working: edge_working(gap),
          reason: (gap < 0) ? "It is larger than the piece at this place." : "You asked for #{mm(@wanted)}.",
          remedy: edge_remedy(gap)
        )
      end

      # how large it could be
      def largest
        here = @room.largest_here
        anywhere, = @room.largest_anywhere
        ratio = @room.placed.ink.aspect
        Finding.note(
          :largest, "Largest that still fits here",
          figure: @writer.pair(here, here * ratio), value: here, unit: "mm", working: largest_working(here),
          reason: anywhere ? "At its best place: " \
            "#{@writer.pair(anywhere, anywhere * ratio)}." : "At this place and angle."
        )
      end

      # box middle against ink middle
      def middle
        offset = @room.placed.centroid - @room.placed.placement.centre
        return if offset.length < 0.05
        Finding.note(
          :middle, "Centre of the ink",
          figure: mm(offset.length), value: offset.length, unit: "mm",
          working: Working.new("Σ(ink × place) ÷ Σ ink, less the box's middle: #{Working.number(offset.x)} right, " \
            "#{Working.number(offset.y)} down"),
          reason: "It lies #{direction(offset)} of the box's middle. Centring by weight of ink looks better to the eye."
        )
      end

      private

      def edge_verdict(gap)
        return :stop if gap < 0
        (gap >= @wanted - Tolerance::ROUNDING) ? :fine : :watch
      end

      def edge_remedy(gap)
        return if gap >= @wanted - Tolerance::ROUNDING
        here = @room.largest_here
        here.zero? ? "Move it further in." : "Make it #{mm(here)} wide or less, or move it."
      end

      def edge_working(gap)
        nearest = @room.placed.hull.min_by { |p| @shape.inside_distance(p) }
        Working.new("nearest ink at #{Working.number(nearest.x)} right, #{Working.number(nearest.y)} down of the " \
          "middle: #{Working.number(gap)} mm from the #{@shape.edge_word}")
      end

      def largest_working(here)
        width = @room.placed.width_mm
        Working.new("#{Working.number(width)} × #{Working.number(here / width, 3)} = #{Working.number(here)} wide, " \
          "the nearest ink then #{Working.number(@wanted)} from the #{@shape.edge_word}")
      end

      def direction(offset)
        across = "#{mm(offset.x.abs)} to the #{(offset.x < 0) ? "left" : "right"}" if offset.x.abs >= 0.05
        down = "#{mm(offset.y.abs)} #{(offset.y < 0) ? "above" : "below"}" if offset.y.abs >= 0.05
        [across, down].compact.join(" and ")
      end

      def mm(value) = @writer.with_unit(value)
    end
  end
end
