# frozen_string_literal: true

module UpClose
  module Printing
    # What a printer is known to do besides stretching: rollers that leave tracks in
    # wet ink, and an image that comes again, faintly, a drum's turn further down. Frozen.
    class KnownFaults
      # a track, and what it smears beside it
      TRACK_MM = 2.0

      attr_reader :rollers_mm, :ghost_mm

      # @param rollers_mm [Array<Float>] from the sheet's left  @param ghost_mm [Float, nil]
      def initialize(rollers_mm: [], ghost_mm: nil)
        @rollers_mm, @ghost_mm = rollers_mm.freeze, ghost_mm
        freeze
      end

      # What wet ink keeps off, as rings.
      # @return [Array<Array<Array(Float, Float)>>] mm
      def tracks(width_mm, height_mm)
        rollers_mm.select { |x| x < width_mm }.map do |x|
          [
            [x - TRACK_MM / 2, 0.0],
            [x + TRACK_MM / 2, 0.0],
            [x + TRACK_MM / 2, height_mm],
            [x - TRACK_MM / 2, height_mm]
          ]
        end
      end

      # Copies that a track runs over.
      # @param outlines [Hash{Integer => Array<Geometry::Point>}] by copy
      # @return [Finding, nil]
      def track_finding(outlines, wet:)
        return if rollers_mm.empty?
        met = outlines.select { |_, line| rollers_mm.any? { |x| x.between?(*line.map(&:x).minmax) } }.keys
        Finding.new(
          key: :rollers,
          title: "Under the rollers",
          verdict: (met.any? && wet) ? :watch : :note,
          figure: "#{met.size} of #{outlines.size}",
          value: met.size,
          working: Working.new("columns at #{rollers_mm.map { |x| Working.number(x, 1) }.join(", ")} mm from the left"),
          reason: reason(met, wet),
          remedy: (met.any? && wet) ? "Lay them on another part of the sheet, or take these as spares." : nil
        )
      end

      # Copies on which another one comes again.
      # @return [Finding, nil]
      def ghost_finding(outlines)
        return unless ghost_mm
        boxes = outlines.transform_values { |line| Geometry::Box.around(line) }
        met = boxes.select { |_, low|
          boxes.any? do |_, high|
            Geometry::Box.new(x: high.x, y: high.y + ghost_mm, width: high.width, height: high.height).overlaps?(low)
          end
        }
          .keys
        Finding.new(
          key: :ghost,
          title: "Where the ghost falls",
          verdict: met.any? ? :watch : :fine,
          figure: "#{met.size} of #{outlines.size}",
          value: met.size,
          working: Working.new("each mark's place, and #{Working.number(ghost_mm, 1)} mm below it"),
          reason: if met.any?
                    "A faint image of a mark above may show on #{(met.size == 1) ? "it" : "them"}."
                  else
                    "No mark lies a drum's turn below another."
                  end
        )
      end

      private

      def reason(met, wet)
        return "No copy lies where a roller runs." if met.empty?
        wet ? "Rollers leave tracks in wet ink." : "Toner is fused before the rollers; it does them no harm."
      end
    end
  end
end
