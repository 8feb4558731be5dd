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
      sheet = printer.device.print(pdf, width_mm: page.paper.width_mm, height_mm: page.paper.height_mm)
      sheet = without(sheet, gone, page.paper) if gone.any?
      tray(printer).lay(sheet.copy(xres: printer.device.dpi / 25.4, yres: printer.device.dpi / 25.4).pngsave_buffer(compression: 3))
    end

    # what is gone shows the dark of the tray
    def without(sheet, gone, paper)
      shapes = gone.map { |ring| %(<polygon points="#{ring.map { |x, y| "#{x},#{y}" }.join(" ")}" fill="#fff"/>) }.join
      mask = Vips::Image.svgload_buffer(%(<svg xmlns="http://www.w3.org/2000/svg" width="#{sheet.width}" height="#{sheet.height}" viewBox="0 0 #{paper.width_mm} #{paper.height_mm}" preserveAspectRatio="none">#{shapes}</svg>))
      mask[3].ifthenelse(Devices::Simulated::Scanner::LID, sheet).cast(:uchar)
    end

    # @return [Boolean] false when nothing lies in the tray
    def scan(printer)
      sheet = tray(printer).take or return false
      scanned = Devices::Simulated::Scanner.new.scan(Vips::Image.new_from_buffer(sheet, ""), sheet_dpi: printer.device.dpi, turn_deg: TURN_DEG)
      tray(printer).lay(scanned, what: "scan")
      true
    end

    def tray(printer) = Shelves::DeviceTray.new(Settings.devices, printer.simulated)
  end
end
