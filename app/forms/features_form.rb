# frozen_string_literal: true

module Forms
  # What both flanks of a body agree on: rows of kind, how far along from the nose, how far up from the middle of the
  # side, and size. A row left empty is dropped.
  class FeaturesForm < Base
    MOST = 12
    ALONG = 0.0..2000.0

    # @param shape [UpClose::Surfaces::Shape] of the left flank
    def initialize(typed, shape:, unit: "mm")
      @left = -shape.box.width / 2
      super(typed, unit: unit)
    end

    # @return [Array<Hash>] as the piece keeps them
    attr_reader :features

    # what was typed, as the fields show it again
    def rows = Array(@typed["feature"]).map { |row| row.is_a?(Array) ? row.last : row }.grep(Hash)

    private

    def read
      filled = rows.reject { |row| row["along"].to_s.strip.empty? }
      return errors[:features] = "#{MOST} are the most." if filled.size > MOST
      @features = filled.map { |row| feature(row) }
    end

    def feature(row)
      kind = UpClose::Surfaces::Feature::KINDS.key?(row["kind"]) ? row["kind"] : "eye"
      {
        "kind" => kind, "x_mm" => mm(row["along"]) + @left, "y_mm" => -mm(filled(row["up"], "0")),
        "size_mm" => [mm(filled(row["size"], "4")), 0.2].max
      }
    rescue UpClose::Error => error
      errors[:features] ||= error.sentence
      {}
    end

    def filled(text, otherwise) = text.to_s.strip.empty? ? otherwise : text

    # a length that may be nought, or negative
    def mm(text)
      sign, plain = text.to_s.strip.match(/\A([-−+]?)\s*(.*)\z/m).captures
      return 0.0 if plain.match?(/\A0*([.,]0*)?\s*(mm|in|cm|")?\z/)
      read = UpClose::Measure::LengthReader.new(unit: @unit, range_mm: ALONG, field: :features).read(plain).mm
      %w[- −].include?(sign) ? -read : read
    end
  end
end
