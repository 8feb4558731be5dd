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
      number(:temperature_c, UpClose::Etching::Bath::TEMPERATURES, "The bath’s warmth is a number of °C", "24")
      number(:area_mm2, 1..1_000_000, "The bare area is a number of mm²", "1200")
      number(:strip_um, 0.1..3000, "What the strip lost is a number of µm", "9")
      number(:strip_min, 0.1..43_200, "The strip’s time is a number of minutes", "20")
      whole_strip
    end

    def whole_strip
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
