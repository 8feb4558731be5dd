# frozen_string_literal: true

module UpClose
  module Artwork
    # Words set in one face. Drawn with the cap height as the unit, so a
    # lettering of cap height 3 mm is this drawing three times as large. Frozen.
    class Lettering
      LONGEST = 200
      MOST_LINES = 6
      attr_reader :face, :text

      # One line of letters from the origin, baseline at 0, font units.
      # @return [Geometry::Path]
      # @param letter [Geometry::Transform] done to each letter about its own foot
      def self.line(face, words, spacing: 0.0, letter: Geometry::Transform::IDENTITY)
        Geometry::Path.new(pens(face, words, spacing).flat_map { |char, pen|
          glyph(face, char).transform(letter.then(Geometry::Transform.move(pen, 0))).commands
        })
      end

      # where each letter stands along the line, font units
      # @return [Array<Array(String, Float)>]
      def self.pens(face, words, spacing)
        pen = 0.0
        before = nil
        words.each_char.map do |char|
          pen += face.kern(before, char) + spacing if before
          position = pen
          pen += face.advance(char)
          before = char
          [char, position]
        end
      end

      # what has no width, and every kind of space but the plain one
      UNSEEN = /[\u200B-\u200F\u2060\uFEFF\u00AD]/
      SPACES = /[\t\u00A0\u1680\u2000-\u200A\u202F\u205F\u3000]/

      # @param text [String]  @return [String] composed, one kind of line end, nothing unseen
      def self.tidy(text)
        text.to_s.unicode_normalize(:nfc).gsub(/\r\n?/, "\n").gsub(UNSEEN, "").gsub(SPACES, " ").strip
      end

      # @param face [Face]  @param char [String]  @return [Geometry::Path] font units, y down
      def self.glyph(face, char) = (char == " ") ? Geometry::Path::EMPTY : face.outline(char)

      # @param face [Face]
      # @param text [String] one to six lines
      # @param setting [Setting]
      # @raise [Errors::MissingLetters, Errors::BadArtwork]
      def initialize(face, text, setting: Setting::PLAIN)
        @face, @setting = face, setting
        @text = Lettering.tidy(text).freeze
        check
        freeze
      end

      # @return [Drawing] unit: the cap height
      def drawing
        wide = Geometry::Transform.scale(@setting.stretch, 1)
        Drawing.new(lines.each_with_index.map { |line, i|
          painted((@setting.arc? ? bent(line, i) : straight(line, i)).transform(wide))
        })
      end

      # height of a small letter without stem for a cap height of 1
      def x_height_ratio = face.x_height / face.cap_height

      private

      def lines = text.split("\n").map(&:strip)

      def leading = [face.line_height / face.cap_height, 1.5].max

      def painted(path)
        return Graphics::Painted.new(path: path, fill: Colour::BLACK) unless @setting.hollow?
        Graphics::Painted.new(path: path, stroke: Colour::BLACK, stroke_width: @setting.outline, join: :round)
      end

      def scale = Geometry::Transform.scale(1.0 / face.cap_height)

      def spacing = @setting.spacing * face.cap_height

      def straight(line, number)
        Lettering.line(face, line, spacing: spacing, letter: @setting.letter)
          .transform(scale.then(Geometry::Transform.move(-width(line) / 2, number * leading)))
      end

      # each letter turned upright on its own place of the arc, the line's middle on top (or at the foot, inside)
      def bent(line, number)
        outside = @setting.side == "outside"
        radius = @setting.radius + number * leading * (outside ? -1 : 1)
        commands = Lettering.pens(face, line, spacing).flat_map do |char, pen|
          middle = pen + face.advance(char) / 2.0
          angle = (middle / face.cap_height - width(line) / 2) / radius * (outside ? 1 : -1)
          there =
            Geometry::Point[radius * Math.sin(angle) *
                            (outside ? 1 : -1), radius * Math.cos(angle) * (outside ? -1 : 1)]
          map = @setting.letter.then(Geometry::Transform.move(-face.advance(char) / 2.0, 0))
            .then(scale)
            .then(Geometry::Transform.turn(angle * 180 / Math::PI))
            .then(Geometry::Transform.move(there.x, there.y))
          Lettering.glyph(face, char).transform(map).commands
        end
        Geometry::Path.new(commands)
      end

      # lines are centred over each other
      def width(line) = (line.chars.sum { |c| face.advance(c) } + spacing * [line.length - 1, 0].max) / face.cap_height

      def check
        refuse(Errors::BadArtwork, "There is no text yet.", "Type the text.") if text.empty?
        if text.length > LONGEST || lines.size > MOST_LINES
          refuse(
            Errors::BadArtwork,
            "This is more than #{LONGEST} letters or #{MOST_LINES} lines.",
            "Split it into several marks."
          )
        end
        missing = text.delete("\n").chars.uniq.reject { |c| face.has?(c) }
        return if missing.empty?
        refuse(
          Errors::MissingLetters,
          "#{face.name} has no " \
          "#{missing.first(8).map { |c| "“#{c.match?(/[[:print:]]/) ? c : format("U+%04X", c.ord)}”" }.join(", ")}.",
          "Choose another font, or other letters."
        )
      end

      def refuse(kind, reason, remedy) = raise(kind.new(reason, remedy: remedy, field: :text))
    end
  end
end
