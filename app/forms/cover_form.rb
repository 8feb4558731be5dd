# frozen_string_literal: true

module Forms
  # How a mark covers its piece: what is not said stays as it is.
  class CoverForm < Base
    FROM_CENTRE = -2000.0..2000.0
    # smaller or larger no picture is laid behind a piece
    WIDE = 0.5..5000.0

    # @param covering [MarkCovering]
    def initialize(typed, covering:, unit: "mm")
      @covering = covering
      super(typed, unit: unit)
    end

    # @return [UpClose::Covering::Cover, nil]
    def cover
      return unless ok?
      cover = @covering.cover.with(**values)
      (typed(:act) == "fill") ? @covering.filling(cover) : cover
    end

    private

    def read
      # a drag sends plain millimetres
      {"x_mm" => FROM_CENTRE, "y_mm" => FROM_CENTRE, "shown_mm" => WIDE}.each do |name, range|
        plain = Float(typed(name).to_s, exception: false)
        values[name.to_sym] = plain.clamp(range.begin, range.end) if plain&.finite?
      end
      signed("x", :x_mm)
      signed("y", :y_mm)
      wide
      read_turn
      read_edge
      choice(:seam, UpClose::Covering::Cover::SEAMS.keys, fallback: @covering.cover.seam)
      length(:overlap_mm, range_mm: 0.2..60.0) if asked?("overlap_mm")
      values[:picture_mm] = values.delete(:shown_mm) / @covering.shown["share"] if values[:shown_mm]
    end

    def asked?(name) = !typed(name).to_s.strip.empty?

    def wide
      return unless asked?("wide")
      length(:wide, range_mm: WIDE)
      values[:shown_mm] = values.delete(:wide) if values.key?(:wide)
    end

    def read_turn
      return unless asked?("turn")
      angle(:turn)
      values[:turn_deg] = values.delete(:turn) if values.key?(:turn)
    end

    # beyond the edge, or inside it
    def read_edge
      return unless asked?("edge")
      signed("edge", :edge_mm, 0.0..((typed(:side) == "inside") ? 50.0 : 20.0))
      values[:edge_mm] = -values[:edge_mm] if typed(:side) == "inside" && values[:edge_mm]
    end

    # a length that may be negative, or nought
    def signed(field, key, range = 0.0..2000.0)
      return unless asked?(field)
      sign, text = typed(field).to_s.strip.match(/\A([-−+]?)\s*(.*)\z/m).captures
      return values[key] = 0.0 if text.match?(/\A0*([.,]0*)?\s*(mm|in|cm|")?\z/)
      attempt(field.to_sym) do
        read = UpClose::Measure::LengthReader.new(unit: @unit, range_mm: range, field: field.to_sym).read(text).mm
        values[key] = %w[- −].include?(sign) ? -read : read
      end
      values.delete(field.to_sym)
    end
  end
end
