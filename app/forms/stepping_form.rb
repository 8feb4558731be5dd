# frozen_string_literal: true

module Forms
  # A run or a rim, the unit that is stepped along it, and its corners.
  class SteppingForm < Base
    MOST_CORNERS = 40

    # @return [UpClose::Templates::Stepping, nil]
    attr_reader :strip

    private

    def read
      length(:run, range_mm: 1.0..UpClose::Templates::Stepping::LONGEST_MM)
      length(:wanted, range_mm: 0.5..UpClose::Templates::Stepping::LONGEST_MM)
      values[:corners] = corners
      choice(:ends, UpClose::Templates::Stepping::ENDS.keys, fallback: "whole")
      return if errors.any?
      run = round? ? values[:run] * Math::PI : values[:run]
      @strip = UpClose::Templates::Stepping.new(
        run_mm: run, wanted_mm: values[:wanted], round: round?, corners: values[:corners],
        ends: values[:ends]
      )
    rescue UpClose::Error => error
      refuse(error, :wanted)
    end

    def round? = typed(:shape) == "rim"

    def corners
      texts = typed(:corners).to_s.split(/[;\s]+/).reject(&:empty?).first(MOST_CORNERS)
      reader = UpClose::Measure::LengthReader.new(
        unit: @unit, range_mm: 0.0..UpClose::Templates::Stepping::LONGEST_MM, field: :corners
      )
      texts.map { |text| reader.read(text).mm }
    rescue UpClose::Error => error
      refuse(error, :corners)
      []
    end
  end
end
