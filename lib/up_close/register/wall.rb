# frozen_string_literal: true

module UpClose
  module Register
    # The wall of a cup or a cylinder as a strap sees it: how far round, as a share of a turn, and how far below the
    # rim along the wall, mm. Laid flat, a strap's middle is upright. Frozen.
    class Wall
      # @param shape [Surfaces::Cup, Surfaces::Cylinder]
      # @return [Boolean] whether a strap fits round it
      def self.for?(shape) = shape.is_a?(Surfaces::Cup) || shape.is_a?(Surfaces::Cylinder)

      # @param shape [Surfaces::Cup, Surfaces::Cylinder]
      def initialize(shape)
        @shape, @flat = shape, shape.unrolled
        freeze
      end

      def tapered? = @shape.is_a?(Surfaces::Cup)

      # @return [Float] mm from rim to foot along it
      def long = tapered? ? @shape.slant : @shape.measures[:height_mm]

      # @param down [Float] mm below the rim  @return [Float] mm across, on the piece
      def diameter(down)
        return @shape.diameter unless tapered?
        @shape.top + (@shape.foot - @shape.top) * down / long
      end

      # @return [Float] mm once round there
      def girth(down) = Math::PI * diameter(down)

      # @return [Float, nil] mm, of the arc that this height lies on laid flat; nil where it is straight
      def arc_radius(down)
        return unless tapered?
        widening? ? @flat.inner + down : @flat.outer - down
      end

      # @param turn [Float] share of the way round, 0 … 1 from the strap's left end  @param down [Float] mm
      # @return [Geometry::Point] laid flat; its middle is the wall's own
      def flat(turn, down)
        return Geometry::Point[(turn - 0.5) * girth(down), down - long / 2] unless tapered?
        @flat.at(arc_radius(down), (turn - 0.5) * @flat.angle)
      end

      # where a place of what the piece unrolls to lies on the wall
      # @param point [Geometry::Point]
      # @return [Array(Float, Float)] share of a turn from the front, and mm below the rim
      def place(point)
        return [point.x / @shape.once_round, point.y + long / 2] unless tapered?
        radius, turned = @flat.polar(point)
        [turned / @flat.angle, widening? ? radius - @flat.inner : @flat.outer - radius]
      end

      # @return [Working] of the girth at a height
      def working(down)
        return Working.new("π × #{n(@shape.diameter)} = #{n(girth(down))}") unless tapered?
        Working.new("π × (#{n(@shape.top)} + (#{n(@shape.foot)} − #{n(@shape.top)}) × #{n(down)} ÷ #{n(long)}) = " \
          "#{n(girth(down))}")
      end

      private

      # wider at the foot than at the rim
      def widening? = @shape.foot > @shape.top

      def n(value) = Working.number(value)
    end
  end
end
