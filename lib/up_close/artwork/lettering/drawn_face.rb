# frozen_string_literal: true

module UpClose
  module Artwork
    # A font as data: its measures, and its letters already drawn, in font units, y downwards. What a
    # maker's own font file has become; asked like a Face. Frozen.
    class DrawnFace
      MOST_LETTERS = 3000
      MOST_COMMANDS = 400_000

      attr_reader :key, :name, :units, :line_height, :cap_height, :x_height

      # @param face [Face]  @param key [String] what it is to be called here
      # @return [DrawnFace]
      # @raise [Errors::BadArtwork] when it has no letters
      def self.of(face, key:, name:)
        letters = face.letters.first(MOST_LETTERS).to_h { |char| [char, [face.advance(char), face.outline(char)]] }
        if letters.values.all? { |_, path| path.empty? } || !face.cap_height.positive?
          refuse("This font holds no letters.", "Choose another file.")
        end
        if letters.values.sum { |_, path| path.commands.size } > MOST_COMMANDS
          refuse("This font is drawn with more than #{MOST_COMMANDS} points.", "Choose a plainer one.")
        end
        pairs = face.pairs(letters.keys)
        new(
          key: key,
          name: name,
          units: face.units,
          line_height: face.line_height,
          cap_height: face.cap_height,
          x_height: face.x_height,
          letters: letters,
          pairs: pairs
        )
      end

      # @raise [Errors::BadArtwork] at the font's field
      def self.refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :font_file))
      private_class_method :refuse

      # @param letters [Hash{String => Array(Float, Geometry::Path)}] advance and outline
      # @param pairs [Hash{Array(String, String) => Float}] kerning
      def initialize(key:, name:, units:, line_height:, cap_height:, x_height:, letters:, pairs:)
        @key, @name, @units, @line_height, @cap_height, @x_height = key, name, units, line_height, cap_height, x_height
        @letters, @pairs = letters.freeze, pairs.freeze
        freeze
      end

      # the same under another name
      def named(name)
        DrawnFace.new(
          key: key,
          name: name,
          units: units,
          line_height: line_height,
          cap_height: cap_height,
          x_height: x_height,
          letters: @letters,
          pairs: @pairs
        )
      end

      # @param char [String]  @return [Boolean]
      def has?(char) = char == " " || @letters.key?(char)

      # @param char [String]  @return [Numeric] font units
      def advance(char) = @letters.fetch(char) { [units * 0.3] }.first

      # @param first [String]  @param second [String]  @return [Numeric] font units between them, negative: closer
      def kern(first, second) = @pairs.fetch([first, second], 0)

      # @return [Geometry::Path]
      def outline(char) = @letters.fetch(char) { [0, Geometry::Path::EMPTY] }.last
    end
  end
end
