# frozen_string_literal: true

module UpClose
  module Printing
    # A copy's number on its sheet, just above its outline's highest place, where the
    # gap keeps everything else away; with a turned letter beside it when the copy
    # reads reversed.
    module Label
      # from the outline to the foot of the figures
      CLEAR = 0.6
      TALL = 1.5
      LEAST = 0.8
      # a figure's width for a height of 1
      WIDE = 0.85
      PEN = 0.16
      # a letter R, seen from behind: stem and bowl, then the leg
      TURNED = [[[1, 1], [1, 0], [0.45, 0], [0.2, 0.12], [0.2, 0.4], [0.45, 0.52], [1, 0.52]], [[0.5, 0.52], [0.1, 1]]]
        .freeze

      module_function

      # @param words [String]  @param outline [Array<Geometry::Point>] on the sheet
      # @param gap_mm [Float] kept round the outline
      # @return [Array] items; none where the gap is too narrow for them
      def items(words, outline, gap_mm:, turned:)
        size = height(words.length + (turned ? 1.4 : 0), gap_mm) or return []
        top = outline.min_by { |p| [p.y.round(6), p.x] }
        flat = outline.select { |p| p.y - top.y < Tolerance::SLIGHT }
        x = (flat.map(&:x).minmax.sum - width(words, turned, size)) / 2
        foot = top.y - CLEAR
        [
          Items::Text.new(words, x: x, y: foot, size: size),
          *(turned ? sign(x + (words.length * WIDE + 0.3) * size, foot, size) : [])
        ]
      end

      # @param words [String]  @param size [Float] mm  @return [Float] mm, about
      def width(words, turned, size) = (words.length * WIDE + (turned ? 1.3 : 0)) * size

      # as tall as keeps its far corners within the gap of the place it stands over
      # @return [Float, nil]
      def height(figures, gap_mm)
        reach = gap_mm - CLEAR / 2
        size = [
          TALL,
          (1..30).map { |i| i * 0.05 }.select { |h| Math.hypot(figures * WIDE * h / 2, CLEAR + h) <= reach }.max || 0
        ].min
        size if size >= LEAST
      end

      # @param foot [Float] mm  @return [Array<Items::Line>] the sign for a turned print
      def sign(x, foot, size)
        TURNED.map do |stroke|
          Items::Line.new(
            stroke.map { |px, py| Geometry::Point[x + px * size * 0.8, foot - size + py * size] },
            width: PEN,
            colour: Colour::BLACK
          )
        end
      end
    end
  end
end
