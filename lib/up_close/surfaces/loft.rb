# frozen_string_literal: true

module UpClose
  module Surfaces
    # A lofted body: a lure, a hull. Girths measured with a tape at stations along
    # its side give each side's panel, half a girth wide at each station. Its
    # edges then run longer than the body there: that is the strain.
    class Loft < Curved
      include StationCheck

      MOST_STATIONS = 200
      describe "loft", "Body of changing girth", Parameter.new(:stations, "Stations", kind: :stations)
      listed 110

      # @return [Array<Array(Float, Float)>] along, girth; mm
      def stations = measures[:stations]

      def length = stations.last[0] - stations.first[0]

      # the left side's panel, nose to the left; the right side's is its mirror
      def unrolled = once(:unrolled) { FreePolygon.new(points: outline) }

      # @return [Geometry::Ring] of one side
      def panel(side = :left)
        ring = unrolled.ring
        (side == :left) ? ring : ring.transform(Geometry::Transform.scale(-1, 1))
      end

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "#{writer.figure(length)}, girth #{writer.figure(stations.map(&:last).max)}"

      # how much too long the panel's edge is between two stations: √(1 + (Δ(girth ÷ 4) ÷ Δs)²) − 1
      # @return [Array<Array(Float, Float, Float)>] from, to, strain
      def strains = stretches.map { |a, b| [a[0], b[0], strain(a, b, 1.0)] }

      # @return [Array] of neighbouring stations
      def stretches = stations.each_cons(2).to_a

      # The body is equally long all round it between two stations; the panel is so
      # only along its middle. So far towards its edge it is √(1 + (f × Δ(girth ÷ 4) ÷ Δs)²) times that.
      # @param share [Float] f: 0 along the middle of the side, 1 along back and belly
      def strain((a, g), (b, h), share) = Math.sqrt(1 + (share * (h - g) / 4 / (b - a))**2) - 1

      # Slits from the edge that let a stretch of it close up: as many as bring each piece down to +share+.
      # @return [Array<Array(Float, Float, Integer)>] from, to, cuts
      def relief_cuts(share)
        strains.filter_map { |from, to, strain| [from, to, (strain / share).ceil - 1] if strain > share }
      end

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
        at, girth = stations.max_by(&:last)
        Working.new("each side is half a girth wide: at #{num(at)} mm, #{num(girth)} ÷ 2 = #{num(girth / 2)} mm; " \
          "the edge's strain √(1 + (Δ(girth ÷ 4) ÷ Δs)²) − 1")
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
          angle.abs <= Math::PI / 2 + 1e-9
        ]
      end

      # @param seen [Geometry::Point] mm, from the front  @return [Geometry::Point, nil] where that is, unrolled
      def behind(seen)
        radius = girth_at(seen.x + unrolled.box.width / 2 + stations.first[0]) / (2 * Math::PI)
        return if radius.zero? || seen.y.abs > radius
        Geometry::Point[seen.x, radius * Math.asin(seen.y / radius)]
      end

      # along the body from its nose; up or down from the line along the middle of its side
      def bearings(at)
        along = at.x + unrolled.box.width / 2
        {
          across: Bearing.new(
            title: "A line along the side", from: :middle, distance_mm: at.y.abs,
            from_words: "line along the middle of the side", where: side_words(at)
          ),
          up: Bearing.new(
            title: "A line up the side", from: :left, distance_mm: along, from_words: "nose",
            rest_mm: length - along, to_words: "tail", where: "along the body, not over the curve"
          )
        }
      end

      # @param at [Geometry::Point] mm, unrolled  @return [String]
      def side_words(at)
        return "on it" if at.y.abs < 0.05
        "#{at.y.negative? ? "towards the back" : "towards the belly"}, with a strap over the curve"
      end

      def front_box
        most = stations.map(&:last).max / (2 * Math::PI)
        Geometry::Box.new(x: -length / 2, y: -most, width: length, height: 2 * most)
      end

      def front_outline
        upper = stations.map do |at, girth|
          Geometry::Point[at - stations.first[0] - length / 2, -girth / (2 * Math::PI)]
        end
        Geometry::Path.polygon(upper + upper.reverse.map { |p| Geometry::Point[p.x, -p.y] })
      end

      # @param placed [Placing::PlacedInk]  @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(placed, writer, bent: false)
        covered = stretches.filter_map do |a, b|
          reached(placed.hull, a, b)&.then { |share| [a, b, share, strain(a, b, share)] }
        end
        worst = covered.max_by(&:last) or return []
        [strain_finding(worst)]
      end

      # how far towards the panel's edge a hull reaches between two stations
      # @return [Float, nil] 0 … 1; nil when it has nothing there
      def reached(hull, (a, _), (b, _))
        off = unrolled.box.width / 2 + stations.first[0]
        inside = cut(cut(hull.map { |p| Geometry::Point[p.x + off, p.y] }, a, 1), b, -1)
        # |y| over a straight edge's half width is steady along a straight line: its ends decide
        inside.filter_map { |p| girth_at(p.x).then { |girth| (girth > 0) ? (p.y.abs * 4 / girth).clamp(0, 1) : nil } }
          .max
      end

      private

      def girth_at(x)
        pair = stations.each_cons(2).find { |(a, _), (b, _)| x.between?(a, b) } or return 0.0
        (a, g), (b, h) = pair
        g + (h - g) * (x - a) / (b - a)
      end

      # a convex outline's part on one side of an upright line
      def cut(points, at, sign)
        points.each_with_index.flat_map do |p, i|
          before = points[i - 1]
          crossing =
            ((p.x - at) * (before.x - at) < 0) ? [before + (p - before) * ((at - before.x) / (p.x - before.x))] : []
          crossing + (((p.x - at) * sign >= 0) ? [p] : [])
        end
      end

      def strain_finding((a, b, share, strain))
        cuts = (strain > Strain.fetch("softened").share) ? relief_cuts(Strain.fetch("softened").share) : []
        Finding.new(
          key: :strain,
          title: "Strain at its upper and lower ends",
          verdict: Strain.verdict(strain),
          figure: "#{num(strain * 100)} %",
          value: strain * 100,
          unit: "%",
          limit: Strain.fetch("softened").share * 100,
          working: Working.new(
            "between #{num(a[0])} and #{num(b[0])} mm it reaches #{num(share * 100, 0)} % of the way to back or " \
            "belly: √(1 + (#{num(share)} × #{num((b[1] - a[1]).abs / 4)} ÷ #{num(b[0] - a[0])})²) " \
              "− 1 = #{num(strain * 100)} %",
            source: "film 1 %, with softener 3.5 %, paper 0.3 %, foil 2 %: starting values"
          ),
          reason: Strain.words(strain),
          remedy: cuts.any? ? "Relief cuts from the edge: " \
            "#{cuts.map { |from, to, n| "#{n} between #{num(from)} and #{num(to)}" }.join(", ")}." : nil
        )
      end

      # middle line along x, half a girth wide
      def outline
        upper = stations.map { |at, girth| [at, -girth / 4] }
        lower = stations.reverse.map { |at, girth| [at, girth / 4] }
        (upper + lower).uniq
      end
    end
  end
end
