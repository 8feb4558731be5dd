# frozen_string_literal: true

require "csv"

module UpClose
  module Formats
    # A table as people's programs save it: a byte order mark or none, commas,
    # semicolons or tabs, a heading or none. Cells that a spreadsheet would
    # reckon with are words here.
    module CsvTable
      MOST_ROWS = 5000
      MOST_BYTES = 2 * 1024 * 1024
      SEPARATORS = [",", ";", "\t"].freeze

      module_function

      # @param bytes [String]
      # @return [Array<Array<String>>] rows that hold anything
      # @raise [Error]
      def call(bytes, field: :file)
        if bytes.bytesize > MOST_BYTES
          refuse(field, "This table is larger than #{MOST_BYTES / 1024 / 1024} MB.", "Save only the rows you need.")
        end
        text = decoded(bytes)
        rows = CSV.parse(text, col_sep: separator(text), liberal_parsing: true).map { |row|
          row.map { |cell| cell.to_s.strip }
        }.reject do |row|
          row.all?(&:empty?)
        end
        refuse(field, "This table is empty.", "Give it one row or more.") if rows.empty?
        if rows.size > MOST_ROWS
          refuse(field, "This table has #{rows.size} rows; #{MOST_ROWS} is the most.", "Split it.")
        end
        rows
      rescue CSV::MalformedCSVError
        refuse(field, "This table cannot be read as CSV.", "Save it as CSV, UTF-8, from the program it came from.")
      end

      # Cells that a spreadsheet would reckon with are given as words, by a leading apostrophe.
      # @param rows [Array<Array<String>>]
      # @return [String] UTF-8, with its mark, so that spreadsheets know it
      def write(rows)
        "\uFEFF#{rows.map { |row| CSV.generate_line(row.map { |cell| plain(cell) }) }.join}"
      end

      # @param cell [Object]  @return [String]
      def plain(cell) = cell.to_s.match?(/\A[=+@]|\A-\D/) ? "'#{cell}" : cell

      # UTF-8 with or without its mark, UTF-16 with one, else Windows-1252
      def decoded(bytes)
        bytes = bytes.b
        if bytes.start_with?("\xFF\xFE".b)
          return bytes.delete_prefix("\xFF\xFE".b)
              .force_encoding("UTF-16LE")
              .encode("UTF-8", invalid: :replace, undef: :replace)
        end
        text = bytes.delete_prefix("\xEF\xBB\xBF".b).force_encoding("UTF-8")
        if text.valid_encoding?
          text
        else
          text.force_encoding("Windows-1252").encode("UTF-8", invalid: :replace, undef: :replace)
        end
      end

      # the one that the first lines agree on most often
      def separator(text)
        lines = text.each_line.first(20)
        SEPARATORS.max_by do |mark|
          [lines.map { |line| line.count(mark) }.min.to_i, lines.sum { |line| line.count(mark) }]
        end
      end

      # @raise [Errors::BadArtwork]
      def refuse(field, reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: field))
    end
  end
end
