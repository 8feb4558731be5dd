# frozen_string_literal: true

module UpClose
  module Templates
    # Numbers of single strokes, as a plotter draws them: the order of cutting on the sheet itself.
    module Digits
      HIGH_MM = 3.0
      WIDE_MM = 1.6
      STEP_MM = 2.4
      # seven strokes between six corners, counted from the upper left across and down
      CORNERS = [[0, 0], [1, 0], [0, 0.5], [1, 0.5], [0, 1], [1, 1]].freeze
      STROKES = {
        a: [0, 1], b: [1, 3], c: [3, 5], d: [4, 5], e: [2, 4], f: [0, 2], g: [2, 3]
      }.freeze
      SHAPES = %w[abcdef bc abged abgcd fgbc afgcd afgedc abc abcdefg abcfgd].freeze

      module_function

      # @param number [Integer]  @param origin [Geometry::Point] its upper left
      # @return [Array<Geometry::Path>]
      def call(number, origin)
        number.to_s.chars.each_with_index.flat_map do |digit, i|
          SHAPES[digit.to_i].chars.map do |stroke|
            from, to = STROKES.fetch(stroke.to_sym).map { |corner| place(origin, i, CORNERS[corner]) }
            Geometry::Path.new([[:move, from], [:line, to]])
          end
        end
      end

      # @param index [Integer] of the digit  @return [Geometry::Point]
      def place(origin, index, (x, y))
        Geometry::Point[origin.x + 0.8 + index * STEP_MM + x * WIDE_MM, origin.y + 0.8 + y * HIGH_MM]
      end
    end
  end
end
