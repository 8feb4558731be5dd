# frozen_string_literal: true

module UpClose
  module Coupons
    # One or two settings varied: a field for each, with a few lines and a solid, and a place to write. Each field is
    # made with its own settings, the others covered or cut apart.
    class GridCoupon < Coupon
      WIDTHS = [0.15, 0.2, 0.3, 0.4, 0.6, 1.0].freeze
      SOLID_MM = 9.0
      FIELD = {width: 41.0, height: 26.0}.freeze
      LEFT = 6.0
      TOP = 9.0
      LENGTH = 14.0

      # @param plan [Grid::Plan] what is varied
      def initialize(plan:, face: nil, title: "")
        super(face: face, title: title)
        @plan = plan
        @width_mm = [LEFT * 2 + FIELD[:width] * plan.columns.size, 40.0].max
        @height_mm = [TOP * 2 + FIELD[:height] * plan.rows.size, 40.0].max
      end

      def key = "grid"

      # @return [Array<Element>] ladder: the field's name
      def elements
        @elements ||= @plan.fields.flat_map { |field|
          [*Ladder.new(:line, "0°", line_place(field), widths: WIDTHS, length: LENGTH).elements, solid(field)]
            .map { |element| element.with_ladder(field.name) }
        }.freeze
      end

      private

      def solid_parts
        @plan.fields.flat_map do |field|
          whole = solid(field)
          [
            Ladder.new(:line, "0°", line_place(field), widths: WIDTHS, length: LENGTH).ink,
            Geometry::Region.box(whole.box)
          ]
        end
      end

      def corner(field)
        Geometry::Point[LEFT + field.column * FIELD[:width], TOP + field.row * FIELD[:height]]
      end

      def line_place(field) = corner(field) + Geometry::Point[4.0 + LENGTH / 2, 13.5]

      def solid(field)
        point = corner(field) + Geometry::Point[LENGTH + 8.0, 9.0]
        Element.new(
          kind: :solid, ladder: field.name, size_mm: SOLID_MM,
          box: Geometry::Box.new(x: point.x, y: point.y, width: SOLID_MM, height: SOLID_MM)
        )
      end

      def letters
        fields = @plan.fields.map do |field|
          point = corner(field)
          set("#{field.name}  #{@plan.words(field)}", LABEL_MM, point.x + 4.0, point.y + 5.0)
        end
        [*fields, set(title, LABEL_MM, 24.0, INSET + 0.9)].compact
      end
    end
  end
end
