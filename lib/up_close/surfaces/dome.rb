# frozen_string_literal: true

module UpClose
  module Surfaces
    # A ball, or the cap of one. A flat disc of radius a laid on it has too much
    # rim: strain 1 − sin(a/ρ) ÷ (a/ρ), about (a/ρ)² ÷ 6 (handbook, “Size and fit”).
    class Dome < Curved
      describe "dome",
        "Dome or ball",
        Parameter.new(:ball_mm, "Diameter of the ball"),
        Parameter.new(:cap_mm, "Across the part to be covered")
      listed 100

      # radius of the ball
      def radius = measures[:ball_mm] / 2.0

      # from the pole to the rim over the curve, as an angle
      def reach_angle = Math.asin([measures[:cap_mm] / measures[:ball_mm], 1.0].min)

      # the same over the curve, mm: how far the flat disc may reach
      def arc_mm = radius * reach_angle

      def unrolled = once(:unrolled) { Disc.new(diameter_mm: 2 * arc_mm) }

      def edge_word = "rim"

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "ball ⌀ #{writer.figure(measures[:ball_mm])}"

      # of a flat disc of radius +a+
      def strain(a) = a.zero? ? 0.0 : 1 - Math.sin(a / radius) / (a / radius)

      # @return [Float] radius of the largest flat disc a share of strain allows: the closed form's root
      def largest_flat(share)
        most = Math::PI * radius
        Geometry::Algorithms::FallingRoot.call(most * Tolerance::ROUNDING, most) { |a| share - strain(a) }
      end

      # gores that bring the strain across each down to +share+
      def gores(share) = [(Math::PI * radius * Math.sin(reach_angle) / largest_flat(share)).ceil, 3].max

      # half a gore's width at +t+ mm from the pole
      def gore_half_width(count, t) = Math::PI / count * radius * Math.sin(t / radius)

      # one gore, pole at the top, standing down
      # @return [Geometry::Ring]
      def gore(count)
        steps = Array.new(33) { |i| arc_mm * i / 32 }
        right = steps.map { |t| Geometry::Point[gore_half_width(count, t), t] }
        left = steps.drop(1).reverse.map { |t| Geometry::Point[-gore_half_width(count, t), t] }
        Geometry::Ring.new(right + left)
      end

      def figures
        {
          arc_mm: arc_mm,
          flat_diameter_mm: 2 * arc_mm,
          strain: strain(arc_mm),
          area_mm2: 2 * Math::PI * radius**2 * (1 - Math.cos(reach_angle)),
          **Strain::ALL.to_h { |taker| [:"largest_flat_#{taker.key}_mm", 2 * largest_flat(taker.share)] },
          gores: gores(Strain.fetch("softened").share)
        }
      end

      def working
        Working.new("over the curve: #{num(radius)} × asin(#{num(measures[:cap_mm])} ÷ #{num(measures[:ball_mm])}) " \
          "= #{num(arc_mm, 3)} mm from the pole; strain 1 − sin(a/ρ) ÷ (a/ρ) = #{num(strain(arc_mm) * 100)} %")
      end

      # @param point [Geometry::Point] mm, unrolled
      # @return [Array(Geometry::Point, Boolean)] seen from the front, and whether it is
      def front(point)
        away = point.length
        return [Geometry::Point::ORIGIN, true] if away.zero?
        [point * (radius * Math.sin(away / radius) / away), away / radius < Math::PI / 2]
      end

      # @param seen [Geometry::Point] mm, from the front  @return [Geometry::Point, nil] where that is, unrolled
      def behind(seen)
        away = seen.length
        return if away > radius
        away.zero? ? seen : seen * (radius * Math.asin(away / radius) / away)
      end

      # A ring round the pole, and a line from the pole down to a place on the rim: told as a
      # length along the rim from a datum at the top of the drawing, to the right.
      def bearings(place)
        away = place.length
        around = (Math.atan2(place.x, -place.y) % (2 * Math::PI)) * radius * Math.sin(reach_angle)
        pole = "with a strap over the curve"
        {across: Bearing.new(
          title: away.zero? ? "Through the pole" : "A ring round the pole",
          from: :middle,
          distance_mm: away,
          from_words: "pole",
          rest_mm: arc_mm - away,
          to_words: "rim",
          where: pole
        ),
         up: Bearing.new(
           title: "A line from the pole to the rim",
           from: :datum,
           distance_mm: around,
           from_words: "datum",
           where: "along the rim, to the right. The datum is a tick that you make on the rim"
         )}
      end

      # A flat mark touches the ball at its own middle and spreads from there: each
      # place at its true distance from that middle and in its true direction, not
      # from the pole (the ball's logarithm at the middle; its axes carried there
      # from the pole along the meridian).
      def on_mark(seen, centre)
        height = radius**2 - seen.x**2 - seen.y**2
        return if height < 0
        place = brought_to_pole([seen.x, seen.y, Math.sqrt(height)], centre)
        across = Math.hypot(place[0], place[1])
        return Geometry::Point::ORIGIN if across.zero?
        away = radius * Math.atan2(across, place[2]) / across
        Geometry::Point[place[0] * away, place[1] * away]
      end

      def front_box = Geometry::Box.new(x: -radius, y: -radius, width: 2 * radius, height: 2 * radius)

      def front_outline = Geometry::Shapes.ellipse(0, 0, radius, radius)

      # @param placed [Placing::PlacedInk]  @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(placed, writer, bent: false)
        a = Geometry::Algorithms::EnclosingCircle.call(placed.hull).last
        share = strain(a)
        [Finding.new(
          key: :strain,
          title: "Strain at its rim",
          verdict: Strain.verdict(share),
          figure: "#{num(share * 100)} %",
          value: share * 100,
          unit: "%",
          limit: Strain.fetch("softened").share * 100,
          working: Working.new(
            "1 − sin(#{num(a)} ÷ #{num(radius)}) ÷ (#{num(a)} ÷ #{num(radius)}) = #{num(share * 100)} %",
            source: "film 1 %, with softener 3.5 %, paper 0.3 %, foil 2 %: starting values"
          ),
          reason: Strain.words(share),
          remedy: remedy(share, writer)
        )]
      end

      private

      # the ball turned so that what lay at +centre+ of the unrolled disc comes to the pole
      def brought_to_pole((x, y, z), centre)
        return [x, y, z] if centre.length.zero?
        ux, uy = centre.x / centre.length, centre.y / centre.length
        turn = centre.length / radius
        along = x * ux + y * uy
        moved = along * Math.cos(turn) - z * Math.sin(turn)
        [x + (moved - along) * ux, y + (moved - along) * uy, along * Math.sin(turn) + z * Math.cos(turn)]
      end

      def remedy(strained, writer)
        return if strained <= Strain.fetch("film").share
        share = Strain.fetch("softened").share
        "Film stays flat up to #{writer.with_unit(2 * largest_flat(Strain.fetch("film").share))} across, with " \
        "softener #{writer.with_unit(2 * largest_flat(share))}; larger wants relief cuts: " \
          "#{gores(share)} gores cover this part."
      end

      def check
        return if measures[:cap_mm] <= measures[:ball_mm]
        refuse(:cap_mm, "The part is wider than the ball.", "Up to #{num(measures[:ball_mm])} mm, half the ball.")
      end
    end
  end
end
