# frozen_string_literal: true

module UpClose
  module Artwork
    # Letter outlines of OpenType fonts with PostScript curves.
    module PostscriptOutline
      module_function

      # @return [Geometry::Path] font units, y downwards
      def call(font, glyph)
        drawn = font.cff.top_index[0].charstrings_index[glyph].path
        commands = drawn.commands.filter_map { |verb, *numbers| command(verb, numbers) }
        Geometry::Path.new(close_each(commands))
      end

      # @param verb [Symbol] of ttfunk's charstrings  @param numbers [Array<Numeric>]  @return [Array] a path command
      def command(verb, numbers)
        points = numbers.each_slice(2).map { |x, y| Geometry::Point.new(x, -y) }
        case verb
        when :move then [:move, *points]
        when :line then [:line, *points]
        when :curve then [:curve, *points]
        when :close then [:close]
        end
      end

      # every contour of a letter closes, whether the font says so or not
      def close_each(commands)
        commands.slice_before { |verb, *| verb == :move }.flat_map do |part|
          (part.last.first == :close) ? part : part + [[:close]]
        end
      end
    end
  end
end
