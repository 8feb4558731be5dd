# frozen_string_literal: true

module Forms
  # How deep, in which bath, how warm; and a strip test. What is left empty has its starting value.
  class BathForm < Base
    # @param etching [MarkEtching] tells which baths suit
    def initialize(typed, etching:, unit: "mm")
      @etching = etching
      super(typed, unit: unit)
    end

    private

    def read
      length(:depth, range_mm: UpClose::Etching::DEPTHS_MM)
      values[:depth_mm] = values.delete(:depth)
      choice(:bath, @etching.baths.map(&:key), fallback: @etching.bath.key)
      choice(:motion, UpClose::Etching::Bath::MOTION.keys.map(&:to_s), fallback: "moved")
      choice(:by, %w[bath current], fallback: "bath")
      choice(:finish, [*@etching.finishes.map(&:key), ""], fallback: "")
      values[:open_back] = typed(:open_back) == "1" || nil
      read_numbers
      whole_strip
      strip_by
    end

    def read_numbers
      number(:thick_mm, 0.05..20, "The sheet’s thickness is a number of mm", "1")
      number(:limit_a, 0.01..20, "What the supply gives is a number of ampere", "1")
      number(:temperature_c, UpClose::Etching::Bath::TEMPERATURES, "The bath’s warmth is a number of °C", "24")
      number(:area_mm2, 1..1_000_000, "The bare area is a number of mm²", "1200")
      number(:strip_um, 0.1..3000, "What the strip lost is a number of µm", "9")
      number(:strip_min, 0.1..43_200, "The strip’s time is a number of minutes", "20")
    end

    # the means that a strip was etched by: as it was kept, while its figures stay
    def strip_by
      return values[:strip_by] = nil unless values[:strip_um]
      same = %i[strip_um strip_min].all? { |name| values[name].round(1) == @etching.public_send(name)&.round(1) }
      values[:strip_by] = same ? @etching.strip_by || "bath" : values[:by]
    end

    # weighed: what it lost over its bare area, as a depth
    def weighed_strip
      number(:strip_mg, 0.1..1_000_000, "What the strip lost is a number of mg", "120")
      number(:strip_mm2, 1..1_000_000, "The strip’s bare area is a number of mm²", "400")
      lost, area = values.delete(:strip_mg), values.delete(:strip_mm2)
      return if errors.any? || (lost.nil? && area.nil?)
      unless lost && area
        return errors[lost ? :strip_mm2 : :strip_mg] = "A weighed strip wants both: its loss and its area."
      end
      values[:strip_um] = lost / 1000 / @etching.metal.density * 1000 / area * 1000
    end

    def whole_strip
      weighed_strip
      return if errors.any? || values[:strip_um].nil? == values[:strip_min].nil?
      missing = values[:strip_um] ? :strip_min : :strip_um
      errors[missing] = "A strip test wants both: what it lost, and in how long."
    end

    def number(name, range, what, such)
      text = plain_digits(name)
      return if text.empty?
      value = Float(text.tr(",", "."), exception: false)
      return values[name] = value if value && range.cover?(value)
      errors[name] = "#{what} from #{UpClose::Working.number(range.begin)} to " \
        "#{UpClose::Working.number(range.end)}, such as #{such}."
    end
  end
end
