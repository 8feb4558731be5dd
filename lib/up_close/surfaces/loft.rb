# frozen_string_literal: true

module UpClose
  module Surfaces
    # A lofted body: a lure, a hull. Girths measured with a tape at stations along
    # its side give each side's panel, half a girth wide at each station and smooth
    # between them. Its edges then run longer than the body there: that is the strain.
    class Loft < Curved
      include StationCheck
      include LoftStrain

      MOST_STATIONS = 200
      # corners of the panel's edge are so far apart at least, and so many at most
      STEP_MM = 0.5
      MOST_STEPS = 400
      describe "loft", "Body of changing girth", Parameter.new(:stations, "Stations", kind: :stations)
      listed 110

      # @return [Array<Array(Float, Float)>] along, girth; mm
      def stations = measures[:stations]

      def length = stations.last[0] - stations.first[0]

      # the left side's panel, nose to the left; the right side's is its mirror
      def unrolled = once(:unrolled) { FreePolygon.new(points: outline) }

      # the other flank: the same body, nose to the right
      def mirrored
        first, last = stations.first[0], stations.last[0]
        Loft.new(stations: stations.reverse.map { |along, girth| [first + last - along, girth] })
      end

      # as many as film with softener needs
      # @see Shape#slits
      def slits(beyond_mm = 0.0) = relief_slits(Strain.fetch("softened").share, beyond_mm: beyond_mm)

      # @return [Geometry::Ring] of one side
      def panel(side = :left)
        ring = unrolled.ring
        (side == :left) ? ring : ring.transform(Geometry::Transform.scale(-1, 1))
      end

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "#{writer.figure(length)}, girth #{writer.figure(stations.map(&:last).max)}"

      def figures
        {
          length_mm: length,
          widest_mm: stations.map(&:last).max / 2,
          strain: strains.map(&:last).max,
          panels: 2,
          area_mm2: unrolled.ring.area * 2
        }
      end

      def working
        along, girth = stations.max_by(&:last)
        Working.new("each side is half a girth wide: at #{num(along)} mm, #{num(girth)} ÷ 2 = #{num(girth / 2)} mm; " \
          "between stations a smooth curve; the edge's strain the mean of √(1 + (slope of girth ÷ 4)²), less 1")
      end

      # from the side: what turns away is narrowed
      def front(point)
        x = point.x + unrolled.box.width / 2 + stations.first[0]
        girth = girth_at(x)
        radius = girth / (2 * Math::PI)
        return [Geometry::Point[point.x, 0], false] if radius.zero?
        angle = point.y / radius
        [
          Geometry::Point[point.x, radius * Math.sin(angle.clamp(-Math::PI / 2, Math::PI / 2))],
          angle.abs <= Math::PI / 2 + Tolerance::ROUNDING
        ]
      end

      # @param seen [Geometry::Point] mm, from the front  @return [Geometry::Point, nil] where that is, unrolled
      def behind(seen)
        radius = girth_at(seen.x + unrolled.box.width / 2 + stations.first[0]) / (2 * Math::PI)
        return if radius.zero? || seen.y.abs > radius
        Geometry::Point[seen.x, radius * Math.asin(seen.y / radius)]
      end

      # along the body from its nose; up or down from the line along the middle of its side
      def bearings(place)
        along = place.x + unrolled.box.width / 2
        {
          across: Bearing.new(
            title: "A line along the side", from: :middle, distance_mm: place.y.abs,
            from_words: "line along the middle of the side", where: side_words(place)
          ),
          up: Bearing.new(
            title: "A line up the side", from: :left, distance_mm: along, from_words: "nose",
            rest_mm: length - along, to_words: "tail", where: "along the body, not over the curve"
          )
        }
      end

      # @param place [Geometry::Point] mm, unrolled  @return [String]
      def side_words(place)
        return "on it" if place.y.abs < 0.05
        "#{place.y.negative? ? "towards the back" : "towards the belly"}, with a strap over the curve"
      end

      def front_box
        most = stations.map(&:last).max / (2 * Math::PI)
        Geometry::Box.new(x: -length / 2, y: -most, width: length, height: 2 * most)
      end

      def front_outline
        upper = stations.map do |along, girth|
          Geometry::Point[along - stations.first[0] - length / 2, -girth / (2 * Math::PI)]
        end
        Geometry::Path.polygon(upper + upper.reverse.map { |p| Geometry::Point[p.x, -p.y] })
      end

      # @param x [Float] mm along  @return [Float] mm round it there
      def girth_at(x) = x.between?(stations.first[0], stations.last[0]) ? curve.at(x) : 0.0

      # @return [Geometry::Algorithms::MonotoneCurve] girth over along
      def curve = once(:curve) { Geometry::Algorithms::MonotoneCurve.new(stations) }

      private

      # middle line along x, half a girth wide
      def outline
        places = along
        upper = places.map { |along| [along, -girth_at(along) / 4] }
        lower = places.reverse.map { |along| [along, girth_at(along) / 4] }
        (upper + lower).uniq
      end

      # the stations, and places between them
      # @return [Array<Float>]
      def along
        step = [STEP_MM, length / MOST_STEPS].max
        between = stations.each_cons(2).flat_map do |(a, _), (b, _)|
          parts = ((b - a) / step).ceil
          Array.new(parts) { |i| a + (b - a) * i / parts }
        end
        between << stations.last[0]
      end
    end
  end
end
