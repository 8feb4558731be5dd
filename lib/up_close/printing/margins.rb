# frozen_string_literal: true

module UpClose
  module Printing
    # The solid frame kept round a sheet so that it still feeds: marks stay
    # inside it, headings and bars lie in it. Starting values; mm. Frozen.
    class Margins
      FRAME = 8.0
      HEADING = 13.0
      GAP = 3.0
      attr_reader :frame, :heading, :gap

      def initialize(frame: FRAME, heading: HEADING, gap: GAP)
        @frame, @heading, @gap = frame, heading, gap
        freeze
      end

      # @param allowances [Sheets::Allowances]  @param unprintable [Hash{Symbol => Float}]
      def self.keeping(allowances, unprintable = {})
        sides = allowances.sides(unprintable)
        frame = sides.values_at(:left, :right, :bottom).max
        new(frame: frame, heading: [FRAME + HEADING, sides[:top]].max - frame, gap: allowances.gap)
      end

      # @return [Geometry::Box] where marks may lie
      def inside(paper)
        Geometry::Box.new(
          x: frame,
          y: frame + heading,
          width: paper.width_mm - 2 * frame,
          height: paper.height_mm - 2 * frame - heading
        )
      end
    end
  end
end
