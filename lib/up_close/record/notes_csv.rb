# frozen_string_literal: true

module UpClose
  module Record
    # Attempts as CSV, out and in: one a line, plain words in the columns, so that another shop's notes can be read.
    # What is wrong with a line is said with its number; the others are read.
    module NotesCsv
      COLUMNS = %w[
        made_at method printer stock purpose material finish grit width_mm height_mm temperature_c humidity sealer coats
        batch cartridge result faults cause note
      ].freeze
      NEEDED = %w[method result].freeze
      NUMBERS = {
        "grit" => 1..5000, "width_mm" => 0.1..5000, "height_mm" => 0.1..5000, "temperature_c" => -20..60,
        "humidity" => 0..100, "coats" => 0..30
      }.freeze

      # What was read: rows as hashes, and what is wrong, line by line. Frozen.
      Read = Value.define(:rows, :wrong)

      module_function

      # @param rows [Array<Hash{String => Object}>] of COLUMNS; faults as a list
      # @return [String]
      def write(rows)
        Formats::CsvTable.write([COLUMNS, *rows.map { |row| COLUMNS.map { |name| told(row[name]) } }])
      end

      # @param text [String] bytes of a file  @param today [Date] nothing was made after it
      # @return [Read]
      # @raise [Error] for what is no such table
      def read(text, today:)
        table = Formats::CsvTable.call(text, field: :file)
        header = table.first.to_a.map { |name| name.to_s.strip.downcase }
        missing = NEEDED - header
        if missing.any?
          refuse("Its first line names no #{missing.join(" and no ")}.", "Name the columns: #{COLUMNS.join(", ")}.")
        end
        lines = table.drop(1)
        sorted(lines.each_with_index.map { |line, i| line(header.zip(line).to_h, i + 2, today) })
      end

      # @param lines [Array<Hash, String>]  @return [Read]
      def sorted(lines)
        Read.new(lines.grep(Hash), lines.grep(String))
      end

      # @return [Hash, String] the row, or what is wrong with it
      def line(cells, number, today)
        row = cells.slice(*COLUMNS).transform_values { |cell| cell.to_s.strip }.reject { |_, cell| cell.empty? }
        wrong = method_wrong(row) || result_wrong(row) || number_wrong(row) || moment_wrong(row, today)
        wrong ||= fault_wrong(row)
        wrong ? "Line #{number}: #{wrong}" : row.merge("faults" => row["faults"].to_s.split(/[;|]\s*/))
      end

      # @return [String, nil] what is wrong; else the row has the method's key
      def method_wrong(row)
        known = Methods.all.find { |m| [m.key, m.title.downcase].include?(row["method"].to_s.downcase) }
        return "“#{row["method"]}” is no method known here." unless known
        row["method"] = known.key
        nil
      end

      # @return [String, nil]
      def result_wrong(row)
        row["result"] = row["result"].to_s.downcase
        "“#{row["result"]}” is not good, usable or spoilt." unless RESULTS.key?(row["result"])
      end

      # @return [String, nil] what is wrong; else the row has numbers
      def number_wrong(row)
        NUMBERS.each do |name, range|
          next unless row[name]
          number = Float(row[name].tr(",", "."), exception: false)
          return "“#{row[name]}” is no #{name.tr("_", " ")}." unless number && range.cover?(number)
          row[name] = number
        end
        nil
      end

      # @return [String, nil]
      def moment_wrong(row, today)
        return unless row["made_at"]
        date = Date.iso8601(row["made_at"][0, 10])
        return "#{row["made_at"]} is still to come." if date > today
        row["made_at"] = date.iso8601
        nil
      rescue Date::Error
        "“#{row["made_at"]}” is no date; write it as 2026-11-03."
      end

      # @return [String, nil] what is wrong; else the row has the faults' keys
      def fault_wrong(row)
        named = row["faults"].to_s.split(/[;|]\s*/)
        keys = named.map { |fault| FAULTS.key?(fault) ? fault : FAULTS.key(fault.downcase) }
        return "“#{named[keys.index(nil)]}” is no fault known here." if keys.include?(nil)
        row["faults"] = keys.join(";")
        nil
      end

      # @return [String] as a cell
      def told(value)
        case value
        when Array then value.join(";")
        when Float then Working.number(value, 3)
        else value.to_s
        end
      end

      # @raise [Error] at the file
      def refuse(reason, remedy) = raise(Error.new(reason, remedy: remedy, field: :file))
      private_class_method :sorted, :line, :method_wrong, :result_wrong, :number_wrong, :moment_wrong, :fault_wrong,
        :told, :refuse
    end
  end
end
