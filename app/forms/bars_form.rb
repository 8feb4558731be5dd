# frozen_string_literal: true

module Forms
  # The two bars of a print, as measured.
  class BarsForm < Base
    # @return [UpClose::Printing::Calibrating::ByBars, nil]
    attr_reader :bars

    def initialize(typed, unit:, undone:)
      @undone = undone
      super(typed, unit: unit)
    end

    private

    def read
      %i[across down].each { |side| length(side, range_mm: 0.0..2000.0) }
      if errors.empty?
        @bars = UpClose::Printing::Calibrating::ByBars.new(**values.slice(:across, :down), undone: @undone)
      end
    rescue UpClose::Error => error
      refuse(error, :across)
    end
  end
end
