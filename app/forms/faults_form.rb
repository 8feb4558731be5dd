# frozen_string_literal: true

module Forms
  # What a printer is known to do besides: roller tracks, a ghost.
  class FaultsForm < Base
    MOST_ROLLERS = 12

    private

    def read
      values[:rollers_mm] = rollers
      values[:ghost_mm] = nil
      length(:ghost_mm, range_mm: 5.0..500.0) unless typed(:ghost_mm).to_s.strip.empty?
    end

    def rollers
      list = typed(:rollers_mm).to_s.split(/[;,]/).map(&:strip).reject(&:empty?)
      return wrong("Up to #{MOST_ROLLERS} columns are kept.") if list.size > MOST_ROLLERS
      list.map { |text|
        UpClose::Measure::LengthReader.new(unit: @unit, range_mm: 0.5..600.0, field: :rollers_mm).read(text).mm
      }
        .sort
    rescue UpClose::Error => error
      wrong(error.sentence)
    end

    def wrong(sentence)
      errors[:rollers_mm] = sentence
      []
    end
  end
end
