# frozen_string_literal: true

module Actions
  # The simulated printers and the scanner, used as a person would: print to the
  # tray, carry the sheet over, scan it.
  module UseDevices
    # how askew the sheet is laid in the scanner: not quite straight, as by hand
    TURN_DEG = 1.4

    module_function

    # @param printer [Printer] a simulated one  @param page [UpClose::Printing::Page]
    # @param gone [Array<Array>] rings that the loaded sheet no longer has, mm
    def print(printer, page, gone: [])
      pdf = Workers.call(Shelves::PrintJob.new([page], "to #{printer.name}"), :bytes, "pdf")
      paper = page.paper
      tray(printer).lay(
        Workers.call(printer.device, :printed, pdf, width_mm: paper.width_mm, height_mm: paper.height_mm, gone: gone)
      )
    end

    # @return [Boolean] false when nothing lies in the tray
    def scan(printer)
      sheet = tray(printer).take or return false
      scanned = Workers.call(
        Devices::Simulated::Scanner.new,
        :scanned,
        sheet,
        sheet_dpi: printer.device.dpi,
        turn_deg: TURN_DEG
      )
      tray(printer).lay(scanned, what: "scan")
      true
    end

    def tray(printer) = Shelves::DeviceTray.new(Settings.devices, printer.simulated)
  end
end
