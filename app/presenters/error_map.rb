# frozen_string_literal: true

module Presenters
  # What a printer does to a page, as arrows from where a place was drawn to where it was printed, enlarged.
  class ErrorMap
    ENLARGED = 100
    COLUMNS = 5
    ROWS = 7
    # of the page, kept free of arrows, mm
    EDGE_MM = 20.0

    # One place: drawn at, printed at (enlarged). mm of the page. Frozen.
    Arrow = UpClose::Value.define(:from, :to, :length_mm)

    attr_reader :paper

    # @param calibration [UpClose::Printing::Calibration]  @param paper [UpClose::Printing::Paper]
    def initialize(calibration, paper)
      @calibration, @paper = calibration, paper
    end

    # @return [Array<Arrow>]
    def arrows = @arrows ||= places.map { |place| arrow(place) }

    # @return [Arrow] the longest
    def worst = arrows.max_by(&:length_mm)

    private

    def places
      across = spread(@paper.width_mm, COLUMNS)
      spread(@paper.height_mm, ROWS).flat_map { |y| across.map { |x| UpClose::Geometry::Point[x, y] } }
    end

    def spread(side, count) = Array.new(count) { |i| EDGE_MM + i * (side - 2 * EDGE_MM) / (count - 1) }

    def arrow(place)
      off = printed(place) - place
      Arrow.new(place, place + off * ENLARGED, off.length)
    end

    # where the paper's edges were not seen, only what happens about the page's middle is known
    def printed(place)
      return @calibration.map.apply(place) if @calibration.offset
      middle = UpClose::Geometry::Point[@paper.width_mm / 2, @paper.height_mm / 2]
      @calibration.map.apply(place - middle) + middle
    end
  end
end
