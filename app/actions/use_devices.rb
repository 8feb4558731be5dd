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
    # @raise [UpClose::Errors::DeviceRefused]
    def print(printer, page, gone: [])
      pdf = Workers.call(Shelves::PrintJob.new([page], "to #{printer.name}"), :bytes, "pdf")
      size = {width_mm: page.paper.width_mm, height_mm: page.paper.height_mm}
      tray(printer).lay(Workers.call(printer.device, :ask, pdf: pdf, gone: gone, **size).value!)
    end

    # @return [Boolean] false when nothing lies in the tray
    # @raise [UpClose::Errors::DeviceRefused]
    def scan(printer)
      sheet = tray(printer).take or return false
      order = {sheet: sheet, sheet_dpi: printer.device.dpi, turn_deg: TURN_DEG}
      tray(printer).lay(Workers.call(Devices::Simulated::Scanner.new, :ask, **order).value!, what: "scan")
      true
    end

    # @return [Devices::Simulated::RoomMeter::Reading]
    # @raise [UpClose::Errors::DeviceRefused]
    def room(now) = Devices::Simulated::RoomMeter.new.ask(at: now).value!

    def tray(printer) = Shelves::DeviceTray.new(Settings.devices, printer.simulated)
  end
end
