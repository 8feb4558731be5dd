# frozen_string_literal: true

module Forms
  # Places that a mark must keep off, as they were typed or as an outline's file holds them: part of PieceForm.
  module KeepOutsRead
    private

    def read_keep_outs(imported)
      values[:keep_outs] = (imported&.keep_outs || []) + Array(@typed["keep"]).filter_map.with_index { |row, i|
        keep_out(row.is_a?(Array) ? row.last : row, i)
      }
    end

    # a row left empty is no keep-out
    def keep_out(row, number)
      return unless row.is_a?(Hash) && row.slice("x", "y", "width").values.any? { |v| v.to_s.strip != "" }
      lengths = %w[x y].to_h do |key|
        [key.to_sym, UpClose::Measure::Pairs.signed(row[key].to_s.empty? ? "0" : row[key], @unit, :keep_outs)]
      end
      sizes = {
        width: row["width"],
        height: row["height"].to_s.strip.empty? ? row["width"] : row["height"]
      }.transform_values do |v|
        UpClose::Measure::LengthReader.new(unit: @unit, range_mm: 0.01..2000.0, field: :keep_outs).read(v).mm
      end
      UpClose::Surfaces::KeepOut
        .new(kind: (row["kind"] == "box") ? "box" : "disc", **lengths, **sizes, words: row["words"].to_s[0, 60])
        .to_h
    rescue UpClose::Error => error
      errors[:keep_outs] = "Keep-out #{number + 1}: #{error.sentence}"
      nil
    end
  end
end
