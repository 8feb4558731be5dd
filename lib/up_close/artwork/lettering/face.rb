# frozen_string_literal: true

require "ttfunk"

module UpClose
  module Artwork
    # One cut of a font: its measures and the outlines of its letters, in font units, y downwards.
    # The library that reads it reads as it is asked, and is not safe in threads: the tables are read
    # whole before anyone sees the face, and letters one at a time under its lock.
    class Face
      attr_reader :key, :name, :units, :line_height

      # @param bytes [String] a whole TTF or OTF
      def initialize(key:, name:, bytes:)
        @key, @name, @lock = key, name, Mutex.new
        @font = TTFunk::File.new(bytes)
        @outlines = {}
        read_tables
      end

      # height of a flat-topped capital: measured on H, since tables are sometimes wrong
      def cap_height = @cap_height ||= reach_of("H") || @font.os2.cap_height.to_f

      def x_height = @x_height ||= reach_of("x") || @font.os2.x_height.to_f

      # @param char [String]  @return [Integer] its glyph, 0 when there is none
      def glyph(char) = @map[char.ord].to_i

      # @return [Geometry::Path] of words on one line, in the face's own units
      def line(words) = Lettering.line(self, words)

      # @param char [String]  @return [Boolean]
      def has?(char) = char == " " || !glyph(char).zero?

      # @param char [String]  @return [Numeric] font units
      def advance(char)
        id = glyph(char)
        return units * 0.3 if id.zero?
        @metrics.for(id).advance_width
      end

      # kerning between two letters, where the font has a plain table of it
      def kern(first, second)
        @pairs[[glyph(first), glyph(second)]] || 0
      end

      # what the file calls itself
      # @return [String, nil]
      def own_name
        @font.name.font_name&.first.to_s.dup.force_encoding("UTF-16BE").then do |text|
          readable(text) || readable(text.force_encoding("UTF-8"))
        end
      end

      # characters that it has a glyph for, in the order of their numbers
      # @return [Array<String>]
      def letters
        @map.code_map.keys.select { |code|
          code.between?(33, 0xFFFF) && !code.between?(0xD800, 0xF8FF)
        }.sort.map do |code|
          [code].pack("U")
        end
      end

      # kerning among some characters
      # @return [Hash{Array(String, String) => Integer}]
      def pairs(chars)
        by_glyph = chars.group_by { |char| glyph(char) }
        @pairs.each_with_object({}) do |((first, second), value), kerned|
          by_glyph.fetch(first, []).product(by_glyph.fetch(second, [])).each { |pair| kerned[pair] = value }
        end
      end

      # @return [Geometry::Path]
      def outline(char) = @lock.synchronize { @outlines[char] ||= @reader.call(@font, glyph(char)) }

      private

      def readable(text)
        if text.valid_encoding?
          text.encode("UTF-8").delete("\0").strip[0, 60].then { |name| name if name.match?(/\A[[:print:]]+\z/) }
        end
      end

      def read_tables
        across = @font.horizontal_header
        @units = @font.header.units_per_em
        @line_height = (across.ascent - across.descent + across.line_gap).to_f
        @map = @font.cmap.unicode.first
        @metrics = @font.horizontal_metrics
        @pairs = @font.kerning.exists? ? @font.kerning.tables.first&.pairs.to_h : {}
        @reader = @font.cff.exists? ? PostscriptOutline : TruetypeOutline
        @font.os2
        [cap_height, x_height]
      end

      def reach_of(char)
        box = glyph(char).zero? ? nil : outline(char).box
        box && -box.y
      end
    end
  end
end
