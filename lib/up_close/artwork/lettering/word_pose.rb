# frozen_string_literal: true

module UpClose
  module Artwork
    # A line of letters laid over a place: where its middle stands, how high, how wide, turned, slanted, spaced, bent.
    # +x_mm+, +y_mm+ of the middle of its base line; +cap_mm+ of its capitals; +stretch+ width ÷ height, 1 as the face
    # has it; +turn_deg+; +slant_deg+ to the right; +spacing+ between letters and +bend+ one over the arc's radius, both
    # by the cap height, the bend positive where letters stand outside. Frozen.
    WordPose = Value.define(
      :x_mm, :y_mm, :cap_mm, :stretch, :turn_deg, :slant_deg, :spacing, :bend, keyword_init: true
    ) do
      # @param hash [Hash] keys perhaps strings; what is missing starts as usual
      def self.from_h(hash)
        usual = {stretch: 1.0, turn_deg: 0.0, slant_deg: 0.0, spacing: 0.0, bend: 0.0}
        given = hash.to_h.transform_keys(&:to_sym).slice(*members).compact.transform_values(&:to_f)
        new(**usual, **given)
      end

      # @param changes [Hash]
      def with(**changes) = self.class.new(**to_h, **changes)

      # a letter set straight comes to lie here
      # @param point [Geometry::Point] from its own left end on the base line, cap heights, y down
      # @param pen [Float] where that end stands, from the middle of the line  @param middle [Float] of the letter
      # @return [Geometry::Point] mm
      def place(point, pen, middle)
        slanted = Geometry::Point[point.x - point.y * Math.tan(slant_deg * Math::PI / 180), point.y]
        bent(slanted, pen, middle).then do |u|
          turned(Geometry::Point[u.x * stretch * cap_mm, u.y * cap_mm]) + Geometry::Point[x_mm, y_mm]
        end
      end

      # where it is taken hold of: the ends of its base line, and the top of a capital over its middle
      # @param natural [Float] the line's width, cap heights  @return [Hash{String => Geometry::Point}] mm
      def handles(natural)
        {"left" => [-natural / 2, 0], "right" => [natural / 2, 0], "top" => [0, -1]}.transform_values do |x, y|
          place(Geometry::Point[0, y], x, 0.0)
        end
      end

      # An end drawn somewhere turns and sizes all of it about the other end; its top changes its height alone.
      # @param held [String] of handles  @param to [Geometry::Point] mm  @param natural [Float] as in handles
      # @return [WordPose]
      def drawn(held, to, natural)
        return raised(to) if held == "top"
        corners = handles(natural)
        about(corners.fetch((held == "left") ? "right" : "left"), corners.fetch(held), to)
      end

      # how the lettering is set that looks so
      # @return [Setting]
      def setting
        side = if bend.abs < 1e-4
          "straight"
        else
          (bend.positive? ? "outside" : "inside")
        end
        Setting.new(
          spacing: spacing, side: side, radius: (side == "straight") ? 0.0 : 1 / bend.abs, slant: slant_deg,
          stretch: stretch
        )
      end

      # each letter upright on its own place of the arc
      def bent(point, pen, middle)
        return Geometry::Point[pen + point.x, point.y] if bend.abs < Tolerance::ROUNDING
        angle, radius = (pen + middle) * bend, 1 / bend
        turn = Geometry::Transform.turn(angle * 180 / Math::PI)
        turn.apply(Geometry::Point[point.x - middle, point.y]) +
          Geometry::Point[radius * Math.sin(angle), radius * (1 - Math.cos(angle))]
      end
      private :bent

      # @param to [Geometry::Point]
      def raised(to)
        high = [(to - Geometry::Point[x_mm, y_mm]).dot(turned(Geometry::Point[0, -1])), WordPose::LEAST_CAP].max
        with(cap_mm: high, stretch: stretch * cap_mm / high)
      end
      private :raised

      # the similarity that leaves one place and takes another there
      def about(fixed, from, to)
        before, after = from - fixed, to - fixed
        scale = [after.length / before.length, WordPose::LEAST_CAP / cap_mm].max
        turn = Math.atan2(before.cross(after), before.dot(after)) * 180 / Math::PI
        middle = fixed + Geometry::Transform.turn(turn).apply(Geometry::Point[x_mm, y_mm] - fixed) * scale
        with(x_mm: middle.x, y_mm: middle.y, cap_mm: cap_mm * scale, turn_deg: turn_deg + turn)
      end
      private :about

      # about the origin
      def turned(point) = Geometry::Transform.turn(turn_deg).apply(point)
      private :turned
    end
    # capitals are no smaller, mm
    WordPose::LEAST_CAP = 0.2
  end
end
