# frozen_string_literal: true

require "command_line/scan_file"

module CommandLine
  # up-close remaining: what is left of a part-used sheet, from a scan of it on a dark ground.
  class RemainingVerb
    USAGE = "up-close remaining SCAN.png [--dpi 300]"

    def initialize(arguments)
      @scan = ScanFile.new(arguments, usage: USAGE)
    end

    # @return [String] JSON
    def call
      left = UpClose::Sheets::Remaining.read(@scan.bytes, dpi: @scan.dpi)
      JSON.pretty_generate(
        width_mm: left.box.width.round(3),
        height_mm: left.box.height.round(3),
        area_mm2: left.region.area.round(1),
        outline_mm: rounded(left.outline),
        holes_mm: left.region.rings.drop(1).map { |ring| rounded(ring) },
        used_mm: left.used.map { |ring| rounded(ring) }
      )
    end

    private

    def rounded(ring) = ring.map { |point| point.map { |v| v.round(3) } }
  end
end
