# frozen_string_literal: true

module UpClose
  module Sheets
    # What a copy laid by hand must keep to on its sheet: the frame, the gap to
    # what is gone and to its neighbours. By distances between the outlines. Frozen.
    class Rules
      SLACK = 1e-6

      # @param blank [Nesting::Blank]  @param frame_mm [Float, Hash{Symbol => Float}]
      def initialize(blank, gap_mm:, frame_mm:)
        @blank, @gap, @frame = blank, gap_mm, Nesting::CellRules.sides(frame_mm)
        freeze
      end

      # @param outline [Array<Geometry::Point>] of the copy, where it lies
      # @param others [Hash{Object => Array<Geometry::Point>}] by what the copy is called
      # @return [Array<Finding>] only what is broken
      def broken(outline, others)
        region = polygon(outline)
        [edge(outline), *gone(region), *neighbours(region, others)].compact
      end

      private

      def polygon(points) = Geometry::Region.polygon(points.map(&:to_a))

      def edge(outline)
        box = Geometry::Box.around(outline)
        room, side = [
          [box.x, :left],
          [box.y, :top],
          [@blank.width_mm - box.right, :right],
          [@blank.height_mm - box.bottom, :bottom]
        ].min_by do |free, distance|
          free - @frame[distance]
        end
        if room < @frame[side] - SLACK
          finding(:frame, "Too near the sheet's edge", room, @frame[side], "The printer holds the sheet there.")
        end
      end

      def gone(region)
        near = @blank.used_regions.map { |used| used.distance(region) }.min
        if near && near < @gap - SLACK
          finding(
            :gone,
            near.zero? ? "On what is gone" : "Too near what is gone",
            near,
            @gap,
            "That is cut away, or printed on."
          )
        end
      end

      def neighbours(region, others)
        others.filter_map do |copy, outline|
          near = polygon(outline).distance(region)
          if near < @gap - SLACK
            finding(
              :"copy_#{copy}",
              near.zero? ? "On copy #{copy}" : "Too near copy #{copy}",
              near,
              @gap,
              "Scissors want room between two."
            )
          end
        end
      end

      def finding(key, title, value, limit, reason)
        Finding.stop(
          key, title,
          figure: "#{Working.number(value, 1)} mm", value: value, unit: "mm", limit: limit, reason: reason,
          remedy: "Keep #{Working.number(limit, 1)} mm.",
          working: Working.new(
            "least distance between the outlines: #{Working.number(value)} against #{Working.number(limit)} mm",
            source: "#{Working.number(limit)} mm is a starting value"
          )
        )
      end
    end
  end
end
