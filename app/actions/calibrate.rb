# frozen_string_literal: true

module Actions
  # Printers, and what they were found to do.
  module Calibrate
    module_function

    # @param form [Forms::PrinterForm]
    # @return [Printer, nil]
    def add(form)
      return unless form.ok?
      ApplicationRecord.change { Printer.create!(**form.values.slice(:name, :kind)) }
    end

    # @param form [Forms::CalibrationForm]
    # @return [Boolean]
    def keep(printer, form)
      return false unless form.ok? && form.calibration
      ApplicationRecord.change { printer.calibrations.create!(figures: form.calibration.to_h, way: form.way, paper: form.values[:paper]) }
      true
    end

    # a new cartridge or fuser: what was measured no longer holds
    def end_current(printer, now) = ApplicationRecord.change { printer.current&.update!(ended_at: now) }

    def answer_feed(printer, face)
      ApplicationRecord.change { printer.update!(prints_face: face) } if %w[up down].include?(face)
    end
  end
end
