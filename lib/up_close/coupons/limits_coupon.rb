# frozen_string_literal: true

module UpClose
  module Coupons
    # What a printer, a stock, a method and a surface hold: ladders of lines and gaps in four directions and round a
    # corner, letters, solids, greys, a register cross. The small one has the ladders of lines and gaps alone.
    class LimitsCoupon < Coupon
      SIZE = {whole: [136.0, 93.0], small: [74.0, 62.0]}.freeze
      CAPS = [1.0, 1.2, 1.5, 2.0, 2.5, 3.0].freeze
      WORDS = "Hx 386"
      SOLIDS = [3.0, 6.0, 10.0, 15.0, 20.0].freeze
      GREYS = [0.05, 0.1, 0.2, 0.3, 0.5, 0.7].freeze
      GREY_MM = 5.0
      CROSS_MM = 9.0
      # of a ladder's box
      CELL = 23.0

      # @param small [Boolean]
      def initialize(face: nil, title: "", small: false)
        super(face: face, title: title)
        @small = small
        @width_mm, @height_mm = SIZE.fetch(small ? :small : :whole)
      end

      def key = @small ? "small" : "limits"

      # @return [Array<Element>]
      def elements
        @elements ||= [*ladders.flat_map(&:elements), *(@small ? [] : [*solids, *greys, *words])].freeze
      end

      # @return [Array<Ladder>]
      def ladders
        @ladders ||= directions.each_with_index.flat_map do |direction, i|
          x = 10.5 + CELL * (i + 0.5)
          [[:line, 20.5], [:gap, 43.5]].map { |kind, y| Ladder.new(kind, direction, Geometry::Point[x, y]) }
        end
      end

      private

      def directions
        all = [*Ladder::DIRECTIONS.keys, Ladder::CURVED]
        @small ? %w[0° 90°] : all
      end

      def solid_parts
        parts = ladders.map(&:ink)
        return parts if @small
        parts + solids.map { |element| Geometry::Region.disc(element.box.centre, element.size_mm / 2) } + cross
      end

      # largest last, their middles on two lines
      def solids
        places = [[44.0, 86.0], [44.0, 78.0], [44.0, 66.0], [60.0, 73.0], [82.0, 73.0]]
        SOLIDS.zip(places).map do |size, (x, y)|
          half = size / 2
          Element.new(
            kind: :solid, ladder: "solid", size_mm: size,
            box: Geometry::Box.new(x: x - half, y: y - half, width: size, height: size)
          )
        end
      end

      def greys
        GREYS.each_with_index.map do |tone, i|
          Element.new(
            kind: :grey, ladder: "grey", size_mm: GREY_MM, tone: tone,
            box: Geometry::Box.new(
              x: 97.0 + (i % 2) * (GREY_MM + 2), y: 62.0 + (i / 2) * (GREY_MM + 2), width: GREY_MM, height: GREY_MM
            )
          )
        end
      end

      def words
        return [] unless @face
        y = 58.0
        CAPS.reverse.map do |cap|
          y += cap * 1.55 + 1.2
          Element.new(
            kind: :letters, ladder: "letters", size_mm: cap,
            box: Geometry::Box.new(x: 10.5, y: y - cap, width: set_width(WORDS, cap), height: cap)
          )
        end
      end

      def letters
        return [] if @small
        lines = elements.select { |element| element.kind == :letters }
          .map { |element| set(WORDS, element.size_mm, element.box.x, element.box.bottom) }
        [*lines, set(title, LABEL_MM, 24.0, INSET + 0.9)].compact
      end

      # two lines and a ring, to see whether colours lie over each other and how far it crept
      def cross
        centre = Geometry::Point[120.0, 75.0]
        half = CROSS_MM / 2
        [
          Geometry::Region.box(Geometry::Box.new(x: centre.x - half, y: centre.y - 0.15, width: CROSS_MM, height: 0.3)),
          Geometry::Region.box(Geometry::Box.new(x: centre.x - 0.15, y: centre.y - half, width: 0.3, height: CROSS_MM)),
          Geometry::Region.disc(centre, 3.0) - Geometry::Region.disc(centre, 2.7)
        ]
      end
    end
  end
end
