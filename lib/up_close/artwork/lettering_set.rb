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

      def self.range(line)
        before, from, to, after = line.match(RANGE)&.captures
        return unless from
        first, last = from.to_i, to.to_i
        return if last < first
        refuse("This range has #{last - first + 1} members; #{MOST} is the most.", "Split it.", :set) if last - first >= MOST
        wide = from.start_with?("0") ? from.length : 0
        (first..last).map { |n| "#{before}#{n.to_s.rjust(wide, "0")}#{after}" }
      end

      def self.check(words, field = :set)
        refuse("There are no members yet.", "Type one a line, or a range such as Tender 1…12.", field) if words.empty?
        refuse("This set has #{words.size} members; #{MOST} is the most.", "Split it.", field) if words.size > MOST
        words
      end

      def self.refuse(reason, remedy, field) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: field))

      # @param texts [Array<String>]
      def initialize(face, texts, setting: Setting::PLAIN)
        @members = texts.map { |text| Lettering.new(face, text, setting: setting) }.freeze
        @memo = {}
        freeze
      end

      # @return [Drawing] of one member, from 1; they come round again
      def drawing_of(number) = @memo[(number - 1) % members.size] ||= members[(number - 1) % members.size].drawing

      def widest = (1..members.size).max_by { |n| drawing_of(n).ink.box.width }

      # one box for all of them
      # @return [Ink]
      def ink
        inks = (1..members.size).map { |n| bare_box(n) }
        box = inks.reduce(:union)
        Ink.new(box: box, hull: Geometry::Algorithms::ConvexHull.call(inks.flat_map(&:corners)), centroid: box.centre, rows: [box.to_a])
      end

      private

      # the exact box of the letters, without drawing them
      def bare_box(number)
        drawing = drawing_of(number)
        drawing.shapes.filter_map { |shape| shape.path.box&.grown(shape.stroke ? shape.stroke_width / 2 : 0) }.reduce(:union)
      end
    end
  end
end
