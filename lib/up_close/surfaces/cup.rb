# frozen_string_literal: true

module UpClose
  module Surfaces
    # A tapered cup between two rims: a cone frustum. Unrolls to a ring sector of
    # outer radius R = s D₁ ÷ (D₁ − D₂), inner R − s, angle 180 D₁ ÷ R degrees
    # (handbook, “Size and fit”). D₁ is the wider end, s the slant between them; no strain.
    class Cup < Curved
      describe "cup",
        "Tapered cup",
        Parameter.new(:top_mm, "Diameter at the top"),
        Parameter.new(:foot_mm, "Diameter at the foot"),
        Parameter.new(:slant_mm, "Slant length between them")
      listed 90

      def top = measures[:top_mm]

      def foot = measures[:foot_mm]

      def slant = measures[:slant_mm]

      def wide = [top, foot].max

      def narrow = [top, foot].min

      def outer = slant * wide / (wide - narrow)

      def inner = outer - slant

      def angle_deg = 180.0 * wide / outer

      def unrolled
        once(:unrolled) do
          Sector.new(outer_mm: outer, inner_mm: inner, angle_deg: angle_deg, down: (top > foot) ? 1 : -1)
        end
      end

      # @param writer [Measure::LengthWriter]  @return [String]
      def size_words(writer) = "⌀ #{writer.figure(top)}–#{writer.figure(foot)}"

      def figures
        {
          outer_radius_mm: outer,
          inner_radius_mm: inner,
          angle_deg: angle_deg,
          width_mm: unrolled.box.width,
          height_mm: unrolled.box.height,
          area_mm2: unrolled.area
        }
      end

      def working
        Working
          .new("R = #{num(slant)} × #{num(wide)} ÷ (#{num(wide)} − #{num(narrow)}) = #{num(outer, 3)}; inner " \
            "#{num(outer, 3)} − #{num(slant)} = #{num(inner, 3)}; " \
              "angle 180 × #{num(wide)} ÷ #{num(outer, 3)} = #{num(angle_deg, 3)}°")
      end

      CHORD_MM = 0.002

      # the whole sector, so that its ends meet; +by+ beyond rim and foot alone
      # @see Shape#cover_region
      def cover_region(by, overlap: 0.0)
        from, to = -unrolled.angle / 2, unrolled.angle / 2 + overlap / unrolled.middle
        steps = ((to - from) * outer / Math.sqrt(8 * outer * CHORD_MM)).ceil
        arc = ->(radius) { Array.new(steps + 1) { |i| unrolled.at(radius, from + (to - from) * i / steps).to_a } }
        Geometry::Region.polygon(arc.call(outer + by) + arc.call([inner - by, 0.01].max).reverse)
      end

      def wraps? = true

      # straight up, between the two rims
      def height = Math.sqrt(slant**2 - ((wide - narrow) / 2)**2)

      # once round at a place on the unrolled shape
      def once_round_at(point) = Math::PI * wide * unrolled.polar(point).first / outer

      # @param place [Geometry::Point] mm, unrolled  @return [Array<Bearing>]
      def bearings(place)
        radius, turned = unrolled.polar(place)
        from_wide = outer - radius
        round_bearings(
          from_rim: (top > foot) ? from_wide : slant - from_wide,
          wall: slant,
          turned: turned / unrolled.angle,
          once_round: once_round_at(place)
        )
      end

      # @param point [Geometry::Point] mm, unrolled
      # @return [Array(Geometry::Point, Boolean)] seen from the front, and whether it is
      def front(point)
        radius, turned = unrolled.polar(point)
        around = turned / (unrolled.angle / 2) * Math::PI
        along = (outer - radius) / slant
        half = (wide - (wide - narrow) * along) / 2
        y = height * (along - 0.5) * unrolled.measures[:down]
        [Geometry::Point[half * Math.sin(around), y], Math.cos(around) > 0]
      end

      # @param seen [Geometry::Point] mm, from the front  @return [Geometry::Point, nil] where that is, unrolled
      def behind(seen)
        along = seen.y / height * unrolled.measures[:down] + 0.5
        half = (wide - (wide - narrow) * along) / 2
        return if !along.between?(0, 1) || seen.x.abs > half
        unrolled.at(outer - along * slant, Math.asin(seen.x / half) / Math::PI * unrolled.angle / 2)
      end

      def front_box = Geometry::Box.new(x: -wide / 2, y: -height / 2, width: wide, height: height)

      def front_outline
        Geometry::Path.polygon([[-top, -height], [top, -height], [foot, height], [-foot, height]].map { |x, y|
          Geometry::Point[x / 2, y / 2]
        })
      end

      # @param placed [Placing::PlacedInk]  @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(placed, writer, bent: false)
        turns = placed.hull.map { |p| unrolled.polar(p).last }
        share = (turns.max - turns.min) / unrolled.angle
        round = once_round_at(placed.placement.centre)
        [Round.new(share * round, round, placed.box).finding(writer), (climb(placed, writer) unless bent)].compact
      end

      private

      # less than this hardly shows: a starting value
      SHOWS_MM = 0.3
      FLAT = "The taper hardly shows at this width."
      private_constant :SHOWS_MM, :FLAT

      # how far straight artwork climbs: the arc's rise over its width
      def climb(placed, writer)
        radius, = unrolled.polar(placed.placement.centre)
        rise = radius - Math.sqrt([radius**2 - (placed.width_mm / 2)**2, 0].max)
        climbs = rise > SHOWS_MM
        Finding.new(
          key: :climb,
          title: "A straight line would climb",
          verdict: climbs ? :watch : :fine,
          figure: writer.with_unit(rise),
          value: rise,
          unit: "mm",
          limit: SHOWS_MM,
          working: Working.new(
            "#{num(radius, 1)} − √(#{num(radius, 1)}² − #{num(placed.width_mm / 2)}²) = #{num(rise)} mm between its " \
            "middle and its ends",
            source: "#{num(SHOWS_MM)} mm is a starting value"
          ),
          reason: climbs ? "A straight line laid on this taper climbs round the cup." : FLAT,
          remedy: climbs ? "Add the step “Bend to the cup” at the Artwork stage." : nil
        )
      end

      def check
        if top == foot
          refuse(
            :foot_mm,
            "Both ends are #{num(top)} mm: that is a cylinder, not a taper.",
            "Choose the shape Cylinder."
          )
        end
        return if slant > (wide - narrow) / 2
        refuse(:slant_mm, "A slant of #{num(slant)} mm is too short for these two ends: flat, it would be over " \
          "#{num((wide - narrow) / 2)} mm.", "Measure it along the side, from the top rim to the foot.")
      end
    end
  end
end
