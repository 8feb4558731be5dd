# frozen_string_literal: true

require "ttfunk"

module UpClose
  module Artwork
    # One cut of a font: its measures and the outlines of its letters, in font units, y downwards.
    class Face
      attr_reader :key, :name

      # @param bytes [String] a whole TTF or OTF
      def initialize(key:, name:, bytes:)
        @key, @name = key, name
        @font = TTFunk::File.new(bytes)
        @outlines = {}
      end

      def units = @font.header.units_per_em

      # height of a flat-topped capital: measured on H, since tables are sometimes wrong
      def cap_height = @cap_height ||= reach_of("H") || @font.os2.cap_height.to_f

      def x_height = @x_height ||= reach_of("x") || @font.os2.x_height.to_f

      def line_height = (@font.horizontal_header.ascent - @font.horizontal_header.descent + @font.horizontal_header.line_gap).to_f

      def glyph(char) = @font.cmap.unicode.first[char.ord].to_i

      def has?(char) = char == " " || !glyph(char).zero?

      def advance(char)
        id = glyph(char)
        return units * 0.3 if id.zero?
        @font.horizontal_metrics.for(id).advance_width
      end

      # kerning between two letters, where the font has a plain table of it
      def kern(first, second)
        table = @kern ||= @font.kerning.exists? ? @font.kerning.tables.first&.pairs.to_h : {}
        table[[glyph(first), glyph(second)]] || 0
      end

      # @return [Geometry::Path]
      def outline(char) = @outlines[char] ||= (@font.cff.exists? ? PostscriptOutline : TruetypeOutline).call(@font, glyph(char))

      private

      def reach_of(char)
        box = glyph(char).zero? ? nil : outline(char).box
        box && -box.y
      end
    end
  end
end
