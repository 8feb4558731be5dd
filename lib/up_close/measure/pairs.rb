# frozen_string_literal: true

module UpClose
  module Measure
    # Several pairs of lengths, as typed one pair a line ("12, 48") or in a table.
    module Pairs
      MOST = 2000

      module_function

      # @param text [String]  @param unit [String] what a bare number means
      # @return [Array<Array(Float, Float)>] mm
      # @raise [Error] naming the line
      def read(text, unit: "mm", field: :points)
        lines = text.to_s.lines.map(&:strip).reject(&:empty?)
        refuse(field, "These are #{lines.size} lines; #{MOST} is the most.", "Leave some out.") if lines.size > MOST
        lines.each_with_index.map do |line, i|
          pair(line.split(/\s*[;\t]\s*|,\s+|\s+(?=[-+−\d.])|,/).reject(&:empty?), i + 1, unit, field)
        end
      end

      # @param rows [Array<Array<String, nil>>] a heading is passed over
      # @return [Array<Array(Float, Float)>] mm
      # @raise [Error] naming the line
      def from_rows(rows, unit: "mm", field: :points)
        rows = rows.map { |row| row.map(&:to_s) }
        rows = rows.drop(1) if rows.first&.none? { |cell| cell.match?(/\d/) }
        refuse(field, "This table holds no lengths.", "Give two columns, such as 12, 48.") if rows.empty?
        rows.each_with_index.map { |row, i| pair(row.first(2), i + 1, unit, field) }
      end

      # @param words [Array<String>]  @param line [Integer] from 1  @return [Array(Float, Float)] mm
      def pair(words, line, unit, field)
        words = words.reject(&:empty?)
        refuse(field, "Line #{line} does not contain two lengths.", "Type them as 12, 48.") unless words.size == 2
        words.map { |word| signed(word, unit, field) }
      rescue UpClose::Error => error
        raise if error.field == field && error.message.start_with?("Line")
        refuse(field, "Line #{line}: #{error.message}", error.remedy)
      end

      # a place may lie left of, or above, the start
      def signed(word, unit, field)
        bare = word.strip.sub(/\A[-−]/, "")
        return 0.0 if bare.match?(/\A0+([.,]0+)?\s*(mm|cm|in|")?\z/)
        value = LengthReader.new(unit: unit, range_mm: 0.0..4000.0, field: field).read(bare).mm
        word.strip.match?(/\A[-−]/) ? -value : value
      end

      # @raise [Errors::BadShape]
      def refuse(field, reason, remedy) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))
    end
  end
end
