# frozen_string_literal: true

module UpClose
  module Surfaces
    # A tube or a straight mug. Unrolls to a rectangle π(d + t) wide, t being
    # what the film is thick; no strain.
    class Cylinder < Curved
      describe "cylinder", "Cylinder",
        Parameter.new(:diameter_mm, "Diameter"), Parameter.new(:height_mm, "Height"),
        Parameter.new(
          :film_mm,
          "Film thickness",
          default: 0.0,
          range: 0.0..2.0,
          hint: "0 unless it is wrapped all round"
        )
      listed 80

      def diameter = measures[:diameter_mm]

      # once round, in the film's own middle
      def once_round = Math::PI * (diameter + measures[:film_mm])

      def unrolled = once(:unrolled) { Rectangle.new(width_mm: once_round, height_mm: measures[:height_mm]) }

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "⌀ #{writer.figure(diameter)} × #{writer.figure(measures[:height_mm])}"

      def figures = {width_mm: once_round, height_mm: measures[:height_mm], area_mm2: once_round * measures[:height_mm]}

      def working
        Working.new("once round: π × (#{num(diameter)} + #{num(measures[:film_mm])}) = #{num(once_round, 3)} mm")
      end

      # once round exactly, so that its ends meet; +by+ beyond rim and foot alone
      # @see Shape#cover_region
      def cover_region(by, overlap: 0.0)
        wall = measures[:height_mm]
        Geometry::Region.box(Geometry::Box.new(
          x: -once_round / 2, y: -wall / 2 - by, width: once_round + overlap, height: [wall + 2 * by, 0.01].max
        ))
      end

      def wraps? = true

      # where a place on the unrolled shape is seen from the front, x from the middle; and whether it is seen
      def front(point)
        angle = point.x / (once_round / (2 * Math::PI))
        [Geometry::Point[diameter / 2 * Math.sin(angle), point.y], Math.cos(angle) > 0]
      end

      # the place on the unrolled shape that is seen at a place of the front; nil where nothing is
      def behind(seen)
        return if seen.x.abs > diameter / 2 || seen.y.abs > measures[:height_mm] / 2
        Geometry::Point[Math.asin(seen.x / (diameter / 2)) * once_round / (2 * Math::PI), seen.y]
      end

      # @param place [Geometry::Point] mm, unrolled  @return [Array<Bearing>]
      def bearings(place)
        wall = measures[:height_mm]
        round_bearings(from_rim: place.y + wall / 2, wall: wall, turned: place.x / once_round, once_round: once_round)
      end

      # mm at the front's scale: the drawing's box
      def front_box
        Geometry::Box.new(x: -diameter / 2, y: -measures[:height_mm] / 2, width: diameter, height: measures[:height_mm])
      end

      def front_outline = Geometry::Shapes.rectangle(front_box)

      # @param placed [Placing::PlacedInk]  @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(placed, writer, bent: false)
        [Round.new(placed.box.width, once_round, placed.box).finding(writer), seam(placed, writer)].compact
      end

      private

      # a wrap that comes back to itself needs a seam
      def seam(placed, writer)
        left = once_round - placed.box.width
        return if left > once_round * 0.1
        Finding.watch(
          :seam, "Seam",
          figure: writer.with_unit(left), value: left, unit: "mm",
          working: Working.new("#{num(once_round, 3)} − #{num(placed.box.width)} = #{num(left)} mm left"),
          reason: "Its ends nearly meet.",
          remedy: "Overlap film by #{Round::OVERLAP_MM} mm (a starting value), or cut it so that the ends meet exactly."
        )
      end
    end
  end
end
