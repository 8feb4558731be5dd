# frozen_string_literal: true

module UpClose
  module Artwork
    # Many letterings set alike, one mark each. The widest and the tallest decide
    # the fit: all are measured with one box. Frozen.
    class LetteringSet
      MOST = 500
      RANGE = /\A(.*?)(\d+)\s*(?:…|\.\.\.?|–|-)\s*(\d+)(.*)\z/

      attr_reader :members

      # @param text [String] one a line; a line such as "Tender 1…12" is a range
      # @return [Array<String>]
      # @raise [Errors::BadArtwork]
      def self.read(text)
        words = text.to_s.lines.map(&:strip).reject(&:empty?).flat_map { |line| range(line) || [line] }
        check(words)
      end

      # @param bytes [String] a table: its first column, the heading left out when it says name, text or number
      def self.from_csv(bytes)
        rows = Formats::CsvTable.call(bytes, field: :set_file).map(&:first).reject(&:empty?)
        rows = rows.drop(1) if rows.first&.match?(/\A(names?|texts?|numbers?|letters?|reads)\z/i)
        check(rows, :set_file)
      end

      # @param line [String] such as "Tender 1…12"  @return [Array<String>, nil] its members; nil when it is no range
      def self.range(line)
        return if line.length > Lettering::LONGEST
        before, from, to, after = line.match(RANGE)&.captures
        return unless from
        first, last = from.to_i, to.to_i
        return if last < first
        if last - first >= MOST
          refuse("This range has #{last - first + 1} members; #{MOST} is the most.", "Split it.", :set)
        end
        wide = from.start_with?("0") ? from.length : 0
        (first..last).map { |n| "#{before}#{n.to_s.rjust(wide, "0")}#{after}" }
      end

      # @param words [Array<String>]  @raise [Errors::BadArtwork]
      def self.check(words, field = :set)
        refuse("There are no members yet.", "Type one per line, or a range such as Tender 1…12.", field) if words.empty?
        refuse("This set has #{words.size} members; #{MOST} is the most.", "Split it.", field) if words.size > MOST
        words
      end

      # @raise [Errors::BadArtwork]
      def self.refuse(reason, remedy, field) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: field))

      # @param texts [Array<String>]
      def initialize(face, texts, setting: Setting::PLAIN)
        @members = texts.map { |text| Lettering.new(face, text, setting: setting) }.freeze
        @drawn = DrawnSet.new(@members, &:drawing)
        freeze
      end

      # @return [DrawnSet]
      attr_reader :drawn

      # @param number [Integer] from 0  @return [Drawing]
      def drawing_of(number) = drawn.drawing_of(number)

      def widest = drawn.widest

      def ink = drawn.ink
    end
  end
end
