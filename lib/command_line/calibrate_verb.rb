# frozen_string_literal: true

require "command_line/scan_file"

module CommandLine
  # up-close calibrate: what a printer made of the page of crosses, from a scan of it.
  class CalibrateVerb
    USAGE = "up-close calibrate SCAN.png [--dpi 300] [--paper a4|letter|a5|a3|tabloid]"

    def initialize(arguments)
      @scan = ScanFile.new(arguments, usage: USAGE, more: %w[paper])
    end

    # @return [String] JSON
    def call
      papers = @scan[:paper] ? [UpClose::Printing::Paper.fetch(@scan[:paper])] : UpClose::Printing::Paper::ALL
      paper, calibration = first_found(papers, @scan.bytes)
      JSON.pretty_generate({paper: paper.key}
        .merge(calibration.to_h.slice(:x_scale, :y_scale, :skew_deg, :residual_mm, :crosses))
        .merge(working: calibration.working.to_s))
    end

    private

    # the paper whose crosses these are
    def first_found(papers, bytes)
      refused = nil
      papers.each do |paper|
        return [paper, UpClose::Printing::Calibrating::Scan
            .read(bytes, dpi: @scan.dpi, page: UpClose::Printing::Calibrating::CrossPage.new(paper))
            .calibration]
      rescue UpClose::Error => error
        refused ||= error
      end
      raise refused
    end
  end
end
