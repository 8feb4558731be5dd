# frozen_string_literal: true

module Forms
  # A page of crosses measured: five lengths by rule, or a scan with its dpi.
  class CalibrationForm < Base
    SIDES = {
      top: "Along the top",
      bottom: "Along the bottom",
      left: "Down the left",
      right: "Down the right",
      diagonal: "Top left to bottom right"
    }.freeze
    MOST_BYTES = 60 * 1024 * 1024

    # @return [UpClose::Printing::Calibration, nil]
    attr_reader :calibration

    def way = values[:way]

    private

    def read
      choice(:way, %w[rule scan])
      choice(:paper, UpClose::Printing::Paper::ALL.map(&:key), fallback: "a4")
      return if errors.any?
      (way == "scan") ? read_scan : read_lengths
    rescue UpClose::Error => error
      refuse(error, :scan)
    end

    def page = UpClose::Printing::Calibrating::CrossPage.new(UpClose::Printing::Paper.fetch(values[:paper]))

    def read_lengths
      SIDES.each_key { |side| length(side, range_mm: 0.0..1000.0) }
      @calibration = UpClose::Printing::Calibrating::ByRule.call(page, **values.slice(*SIDES.keys)) if errors.empty?
    end

    def read_scan
      count(:dpi, UpClose::Printing::Calibrating::Scan::DPI, "The scan's dpi")
      file = SentFile.of(typed(:scan)) or return errors[:scan] = "Choose the scan, PNG or JPEG."
      return unless errors.empty?
      bytes = file.bytes(MOST_BYTES, advice: "Scan at 300 dpi.")
      @calibration = Workers.call(Shelves::OutsidePicture.new(bytes), :calibration, values[:dpi], page)
    end
  end
end
