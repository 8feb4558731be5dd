# frozen_string_literal: true

module Actions
  # Sends a mark's sheets to its printer: a simulated one's tray takes one sheet at
  # a time, a queue takes them all.
  module SendPrint
    module_function

    # @param number [Integer] which sheet, for a tray
    # @return [String, nil] why not
    def call(mark, number)
      printer = mark.own_printer or return "There is no printer of this kind yet. Add it first."
      pages = mark.pack_to_print.pages
      return "There is no sheet #{number}." unless number.between?(1, pages.size)
      return to_tray(printer, pages[number - 1], gone(mark, number)) if printer.device
      return "This printer has no print queue here. Download the print pack." unless printer.queue
      paper = pages.first.paper
      pdf = Workers.call(Shelves::PrintJob.new(pages, mark.title), :bytes, "pdf")
      order = {pdf: pdf, width_mm: paper.width_mm, height_mm: paper.height_mm, title: mark.title}
      Devices::Queue.new(printer.queue).ask(**order).error&.sentence
    end

    def to_tray(printer, page, gone)
      UseDevices.print(printer, page, gone: gone)
      nil
    end

    # what is cut or used away of the sheet that is loaded, where it lies on its carrier
    def gone(mark, number)
      sheet = (mark.layout unless mark.tiled?)&.to_core&.at(number - 1) or return []
      dx, dy = sheet.carrier ? [sheet.carrier.dx, sheet.carrier.dy] : [0, 0]
      sheet.used.map { |ring| ring.map { |x, y| [x + dx, y + dy] } }
    end
  end
end
