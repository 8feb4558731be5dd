# frozen_string_literal: true

module UpClose
  module Covering
    # What a cover comes to: how it ends, what of the piece its picture leaves empty, and its seam.
    class CoverFindings
      # corners smaller than this are nothing to tell, mm²
      LEAST_MM2 = 0.05

      # @param cover [Cover] with a picture_mm  @param shape [Surfaces::Shape]  @param aspect [Float] of the picture
      # @param writer [Measure::LengthWriter]
      def initialize(cover, shape, aspect, writer)
        @cover, @shape, @aspect, @writer = cover, shape, aspect, writer
      end

      # @return [Array<Finding>]
      def findings = [edge, empty, (seam if @shape.wraps?), (back_and_belly if lapped?), *strain].compact

      # what of the outline the picture does not reach
      # @return [Geometry::Region]
      def bare = @bare ||= region - @cover.picture(@aspect)

      private

      def region = @region ||= @cover.region(@shape)

      def edge
        by = @cover.edge_mm
        box = region.box
        Finding.new(
          key: :cover, title: by.negative? ? "Ends inside the #{@shape.edge_word}" : "To trim all round",
          verdict: by.between?(0.0, 0.49) ? :watch : :fine, figure: mm(by.abs), value: by, unit: "mm",
          working: Working.new("cut to #{n(box.width)} × #{n(box.height)} mm, #{n(region.area / 100)} cm²",
            source: "1.5 mm to trim is a starting value"),
          reason: edge_reason(by), remedy: by.between?(0.0, 0.49) ? "Print 1.5 mm beyond it, and trim it after." : nil
        )
      end

      def edge_reason(by)
        return "The #{@shape.edge_word} stays bare." if by.negative?
        (by < 0.5) ? "If it is laid a little to one side, a bare crescent shows." : "It is trimmed once it is on, so " \
          "no bare edge shows."
      end

      def empty
        return Finding.fine(:empty, "The picture", figure: "covers all of it", value: 0.0, unit: "mm²") if covered?
        least = @cover.least_picture_mm(region, @aspect)
        Finding.watch(
          :empty, "Empty corners", figure: "#{n(bare.area)} mm²", value: bare.area, unit: "mm²",
          working: Working.new("outline #{n(region.area)} mm², less what the picture covers"),
          reason: "Bare #{where.join(" and ")}.",
          remedy: "#{mm((least * 10 - 0.1).ceil / 10.0)} wide covers all of it from the same centre. Or move it."
        )
      end

      def covered? = bare.area < LEAST_MM2

      # where parts of it lie, from the middle
      # @return [Array<String>] at most three
      def where
        parts = bare.parts.select { |part| part.area >= LEAST_MM2 }
        parts.map { |part| words(part.middle - region.middle) }.uniq.first(3)
      end

      def words(way)
        across, down = way.x.abs > way.y.abs * 0.4, way.y.abs > way.x.abs * 0.4
        [("at the top" if down && way.y.negative?), ("at the foot" if down && way.y.positive?),
          ("on the left" if across && way.x.negative?), ("on the right" if across && way.x.positive?)].compact.join(" ")
      end

      def seam
        over = @cover.seam == "overlap"
        Finding.note(
          :seam, "Seam", figure: over ? "#{mm(@cover.overlap_mm)} over" : "butt", value: over ? @cover.overlap_mm : 0.0,
          unit: "mm", working: @shape.working,
          reason: over ? "The upper end shows as a line. Put it at the back, or under the handle." :
            "The ends meet only if the piece is exactly as measured: 0.1 mm more in diameter opens a gap of 0.3 mm."
        )
      end

      def lapped? = @shape.curved? && @shape.flanks?

      # both flanks meet along the back and along the belly
      def back_and_belly
        by = [@cover.edge_mm, 0].max
        Finding.note(
          :flank_seams, "Back and belly", figure: by.positive? ? "#{mm(2 * by)} over" : "a bare line", value: 2 * by,
          unit: "mm", working: Working.new("2 × #{n(by)} = #{n(2 * by)}"),
          reason: by.positive? ? "Each flank laps over the middle line by #{mm(by)}: lay one, let it set, then the " \
            "other over it." : "Each flank ends short of it by #{mm(-@cover.edge_mm)}."
        )
      end

      # where a curve takes more than film gives: slits that are cut with it relieve it
      def strain
        return [] unless @shape.curved?
        strain = @shape.strain_of(region.rings.flatten(1).map { |x, y| Geometry::Point[x, y] })
        slits = @shape.slits([@cover.edge_mm, 0].max).size
        [(strain&.stop? && slits.positive?) ? relieved(strain, slits) : strain].compact
      end

      def relieved(strain, slits)
        Finding.watch(
          :strain, strain.title, figure: strain.figure, value: strain.value, unit: strain.unit, limit: strain.limit,
          working: strain.working, reason: "No flat sheet follows this curve: #{slits} slits from the edge are cut " \
            "into it.",
          remedy: "When you lay it, close each slit: one edge just over the other."
        )
      end

      def n(value) = Working.number(value)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
