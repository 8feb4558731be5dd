# frozen_string_literal: true

module UpClose
  module Surfaces
    # What a lofted body asks of a flat panel: part of Loft.
    module LoftStrain
      # so many places of an outline's edge are looked at between its corners
      PLACES = 8
      # stretches of Simpson's rule, even
      SIMPSON = 32

      # how much too long the panel's edge is between two stations: the mean of √(1 + (slope of girth ÷ 4)²), less 1
      # @return [Array<Array(Float, Float, Float)>] from, to, strain
      def strains = stretches.map { |a, b| [a[0], b[0], strain(a, b, 1.0)] }

      # @return [Array] of neighbouring stations
      def stretches = stations.each_cons(2).to_a

      # The body is equally long all round it between two stations; the panel is so
      # only along its middle. So far towards its edge it is the mean of √(1 + (f × slope of girth ÷ 4)²) times that,
      # by Simpson's rule.
      # @param share [Float] f: 0 along the middle of the side, 1 along back and belly
      def strain((a, _), (b, _), share)
        longer = Array.new(SIMPSON + 1) do |i|
          weight = (i.zero? || i == SIMPSON) ? 1 : 2 + 2 * (i % 2)
          weight * Math.sqrt(1 + (share * curve.slope(a + (b - a) * i / SIMPSON) / 4)**2)
        end
        longer.sum / (3 * SIMPSON) - 1
      end

      # Slits from the edge that let a stretch of it close up: as many as bring each piece down to +share+.
      # @return [Array<Array(Float, Float, Integer)>] from, to, cuts
      def relief_cuts(share)
        strains.filter_map { |from, to, strain| [from, to, (strain / share).ceil - 1] if strain > share }
      end

      # Where those slits are cut: evenly over their stretch, from back and from belly, as deep as to where the strain
      # there is what is taken: f = √((1 + share)² − 1) × 4 ÷ slope.
      # @param share [Float]  @param beyond_mm [Float] outside the panel's edge, where film laps over
      # @return [Array<Array(Geometry::Point, Geometry::Point)>] from the edge inwards; the panel's middle the origin
      def relief_slits(share, beyond_mm: 0.0)
        middle = (stations.first[0] + stations.last[0]) / 2.0
        relief_cuts(share).flat_map do |from, to, count|
          Array.new(count) { |i| from + (to - from) * (i + 1) / (count + 1) }.flat_map do |along|
            slits_at(along, along - middle, share, beyond_mm)
          end
        end
      end

      # @param placed [Placing::PlacedInk]  @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(placed, writer, bent: false) = [strain_of(placed.hull)].compact

      # @param points [Array<Geometry::Point>] of a convex outline, the panel's middle the origin
      # @return [Finding, nil] nil where none of it lies on the panel
      def strain_of(points)
        covered = stretches.filter_map do |a, b|
          reached(points, a, b)&.then { |share| [a, b, share, strain(a, b, share)] }
        end
        covered.any? ? strain_finding(covered.max_by(&:last)) : nil
      end

      # how far towards the panel's edge a hull reaches between two stations
      # @return [Float, nil] 0 … 1; nil when it has nothing there
      def reached(hull, (a, _), (b, _))
        off = unrolled.box.width / 2 + stations.first[0]
        inside = cut(cut(hull.map { |p| Geometry::Point[p.x + off, p.y] }, a, 1), b, -1)
        finely(inside).filter_map { |p| share_at(p) }.max
      end

      private

      def slits_at(along, x, share, beyond_mm)
        edge = girth_at(along) / 4
        steep = curve.slope(along).abs
        return [] if steep.zero? || edge.zero?
        inner = (Math.sqrt((1 + share)**2 - 1) * 4 / steep).clamp(0.2, 0.95) * edge
        [-1, 1].map { |side| [Geometry::Point[x, side * (edge + beyond_mm)], Geometry::Point[x, side * inner]] }
      end

      def share_at(point)
        girth = girth_at(point.x)
        girth.positive? ? (point.y.abs * 4 / girth).clamp(0, 1) : nil
      end

      # the edge is curved: places between corners count too
      def finely(points)
        points.each_with_index.flat_map do |p, i|
          before = points[i - 1]
          Array.new(PLACES) { |part| before + (p - before) * ((part + 1.0) / PLACES) }
        end
      end

      # a convex outline's part on one side of an upright line
      def cut(points, along, sign)
        points.each_with_index.flat_map do |p, i|
          before = points[i - 1]
          crossing = []
          if (p.x - along) * (before.x - along) < 0
            crossing = [before + (p - before) * ((along - before.x) / (p.x - before.x))]
          end
          crossing + (((p.x - along) * sign >= 0) ? [p] : [])
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
            "belly: there its edge is √(1 + (#{num(share)} × slope of girth ÷ 4)²) as long, #{num(strain * 100)} % " \
            "more over that stretch",
            source: "film 1 %, with softener 3.5 %, paper 0.3 %, foil 2 %: starting values"
          ),
          reason: Strain.words(strain),
          remedy: cuts.any? ? "Relief cuts from the edge: " \
            "#{cuts.map { |from, to, n| "#{n} between #{num(from)} and #{num(to)}" }.join(", ")}." : nil
        )
      end
    end
  end
end
