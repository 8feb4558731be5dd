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
      ApplicationRecord.change do
        printer.calibrations.create!(figures: form.calibration.to_h, way: form.way, paper: form.values[:paper])
      end
      true
    end

    # a new cartridge or fuser: what was measured no longer holds, and limits read before count for less
    # @param cartridge [String, nil] what it is called, or its date
    def end_current(printer, now, cartridge = nil)
      ApplicationRecord.change do
        printer.current&.update!(ended_at: now)
        printer.update!(changed_at: now, cartridge: cartridge.to_s.strip[0, 60].presence || now.to_date.iso8601)
      end
    end

    # @param tray [String] its name; empty for the only one
    def answer_feed(printer, face, tray = "")
      return unless %w[up down].include?(face)
      ApplicationRecord.change do
        named = printer.trays.find { |t| t["name"] == tray }
        if named
          printer.update!(trays: printer.trays.map { |t| t.equal?(named) ? t.merge("face" => face) : t })
        else
          printer.update!(prints_face: face)
        end
      end
    end

    # its trays keep the faces that were found
    # @param form [Forms::ProfileForm]
    def keep_profile(printer, form)
      faces = printer.trays.to_h { |tray| [tray["name"], tray["face"]] }
      trays = form.values[:trays].map { |tray| tray.merge("face" => faces[tray["name"]]).compact }
      ApplicationRecord.change { printer.update!(form.values.slice(:dpi, :margins_mm, :queue).merge(trays: trays)) }
    end

    # the bars of a print: near enough, or a calibration from now on, of a printer that may not have been named yet
    # @param bars [UpClose::Printing::Calibrating::ByBars]
    def keep_bars(mark, bars)
      return if bars.accepted?
      ApplicationRecord.change do
        printer = mark.own_printer || Printer.create!(name: "the #{mark.printer}", kind: mark.printer)
        printer.calibrations.create!(figures: bars.calibration.to_h, way: "bars", paper: mark.paper)
      end
    end
  end
end
