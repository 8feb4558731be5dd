# frozen_string_literal: true

module Forms
  # A sheet for the drawer: of what, how large, and what is gone from it; or a scan that shows both.
  class StockSheetForm < Base
    OWN = "own"
    MOST_BYTES = 60 * 1024 * 1024

    private

    def read
      choice(:stock, UpClose::Sheets::Stock.printed.map(&:key))
      choice(:printer, %w[laser inkjet])
      read_printer
      words(:kept, most: 80)
      return read_scan if scan?
      size
      values[:used] = areas
    end

    def scan? = !SentFile.of(typed(:scan)).nil?

    # its sides and what is gone, as found
    def read_scan
      count(:dpi, UpClose::Sheets::Remaining::DPI, "The scan's dpi")
      return if errors[:dpi]
      bytes = SentFile.of(typed(:scan)).bytes(MOST_BYTES, advice: "Scan at 300 dpi.")
      left = Workers.call(Shelves::OutsidePicture.new(bytes), :remaining, values[:dpi])
      values.merge!(
        left,
        used: left[:used].map { |ring|
          UpClose::Sheets::UsedArea.new(ring: ring.map { |x, y| [x.round(3), y.round(3)] }, words: "scanned")
        }
      )
    rescue UpClose::Error => error
      refuse(error, :scan)
    end

    def read_printer
      stock = values[:stock] && UpClose::Sheets::Stock.fetch(values[:stock])
      return if stock.nil? || values[:printer].nil? || stock.printers.include?(values[:printer].to_sym)
      errors[:printer] = "#{stock.title.capitalize} is for #{stock.printers.join(" or ")}. Choose that."
    end

    def size
      return own_size if typed(:size) == OWN
      choice(:size, UpClose::Printing::Paper::ALL.map(&:key))
      paper = values.delete(:size)
      paper &&
        UpClose::Printing::Paper.fetch(paper).then { |p| values.merge!(width_mm: p.width_mm, height_mm: p.height_mm) }
    end

    def own_size = %i[width_mm height_mm].each { |side| length(side, range_mm: 20.0..1200.0) }

    # boxes, one a line: right, down, wide, high
    def areas
      typed(:used).to_s.lines.map(&:strip).reject(&:empty?).each_with_index.filter_map { |line, i| area(line, i) }
    end

    def area(line, index)
      parts = line.split(/[;,]\s*|\s{2,}|\t/)
      return said_wrong(index, "four lengths: right, down, wide, high") unless parts.size == 4
      x, y, width, height = parts.map do |text|
        UpClose::Measure::LengthReader.new(unit: @unit, range_mm: 0.0..2000.0, field: :used).read(text).mm
      end
      return said_wrong(index, "an area wider and higher than nothing") unless width.positive? && height.positive?
      corners = [[x, y], [x + width, y], [x + width, y + height], [x, y + height]]
      UpClose::Sheets::UsedArea.new(ring: corners, words: "typed")
    rescue UpClose::Error => error
      errors[:used] ||= "Line #{index + 1}: #{error.sentence}"
      nil
    end

    def said_wrong(index, wanted)
      errors[:used] ||= "Line #{index + 1} does not hold #{wanted}. Write it as 0, 0, 210, 60."
      nil
    end
  end
end
