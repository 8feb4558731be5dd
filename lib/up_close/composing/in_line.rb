# frozen_string_literal: true

module UpClose
  module Composing
    # What already lies in line among several marks: middles, and gaps alike.
    class InLine
      # so near counts as in line, and so far off is told, mm
      TRUE_MM, NEAR_MM = 0.05, 1.0

      # @param boxes [Hash{String => Geometry::Box}] by title  @param piece [Geometry::Box]
      def initialize(boxes, piece)
        @boxes, @piece = boxes, piece
      end

      # @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(writer) = [middles(:x, writer), middles(:y, writer)].compact

      # gaps that come more than once
      # @return [Hash{Float => Integer}] mm → how often
      def equal_gaps
        all = %i[x y].flat_map { |axis| gaps(axis) }
        all.group_by { |gap| gap.round(1) }.transform_values(&:size).select { |_, times| times > 1 }
      end

      private

      # marks that mean to stand on one middle, and by how much they do not
      def middles(axis, writer)
        middles = @boxes.transform_values { |box| box.centre.public_send(axis) }
        line = @piece.centre.public_send(axis)
        group = middles.select { |_, value| (value - line).abs <= NEAR_MM }
        return if group.size < 2
        off = group.values.map { |value| (value - line).abs }.max
        Finding.new(
          key: :in_line, title: "Middles in line", verdict: (off <= TRUE_MM) ? :fine : :watch,
          figure: "#{writer.with_unit(off)} off", value: off, unit: "mm", limit: TRUE_MM,
          working: Working.new(group.map { |title, value| "#{title} #{Working.number(value - line)}" }.join(", ")),
          reason: "#{group.keys.join(" and ")}, on the #{(axis == :x) ? "upright" : "level"} middle of the piece.",
          remedy: (off > TRUE_MM) ? "Drag one to the line: it snaps." : nil
        )
      end

      # between neighbours that face each other, and to the edges
      def gaps(axis)
        spans = [*@boxes.values.map { |box| span(box, axis) }.sort]
        low, high = span(@piece, axis)
        edges = [[low, low], *spans, [high, high]]
        edges.each_cons(2).map { |a, b| b.first - a.last }.select { |gap| gap > TRUE_MM }
      end

      def span(box, axis) = (axis == :x) ? [box.x, box.right] : [box.y, box.bottom]
    end
  end
end
