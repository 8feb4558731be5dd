# frozen_string_literal: true

module UpClose
  module Coupons
    # One thing on a coupon that is read. Lengths in mm from the coupon's top left. Frozen.
    # kind: :line, :gap, :solid, :grey or :letters. ladder: its name, such as "line 45°" or "A2".
    # size_mm: the width of a line or gap, across a solid, a cap height. middle: the line along its middle, for lines
    # and gaps. box: of others. tone: share of ink of a grey.
    Element = Value.define(:kind, :ladder, :size_mm, :middle, :box, :tone, keyword_init: true) do
      # @return [Element] the same, of another ladder
      def with_ladder(name) = Element.new(**to_h, ladder: name)

      # @return [Float] of its middle line
      def length = middle.each_cons(2).sum { |a, b| a.distance(b) }

      # Places along its middle, none near its ends, with the direction across.
      # @param step [Float] mm
      # @return [Array<Array(Geometry::Point, Geometry::Point)>] place, unit normal
      def stations(step, ends: 0.5)
        whole = length
        count = [((whole - 2 * ends) / step).floor, 1].max
        Array.new(count) { |i| at(ends + (whole - 2 * ends) * (i + 0.5) / count) }
      end

      private

      def at(along)
        middle.each_cons(2) do |a, b|
          part = a.distance(b)
          next along -= part if along > part
          way = (b - a).unit
          return [a + way * along, way.normal]
        end
        [middle.last, (middle[-1] - middle[-2]).unit.normal]
      end
    end
  end
end
