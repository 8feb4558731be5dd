# frozen_string_literal: true

module Shelves
  # Where a mark's edges run across the grain: a value that a worker is sent.
  class StopCuts
    # @param drawn [DrawnArtwork]  @param width_mm [Float]  @param grain_deg [Float] in the artwork as it is drawn
    def initialize(drawn, width_mm:, grain_deg:)
      @drawn, @width, @grain = drawn, width_mm, grain_deg
    end

    # @return [Hash] the shape and the stretches as SVG paths, their box, and the finding
    # @raise [UpClose::Errors::BadArtwork] for a picture
    def told
      regions = UpClose::Cutting::InkRegions.new(@drawn.artwork, width_mm: @width)
      cuts = UpClose::Tooling::StopCuts.new(regions.ink, grain_deg: @grain)
      {
        shape: svg(regions.ink.path), cuts: cuts.call.map { |points| svg(line(points)) }, finding: cuts.finding,
        box: [0, 0, regions.width_mm, regions.height_mm]
      }
    end

    private

    def line(points)
      UpClose::Geometry::Path.new(points.each_with_index.map { |point, i| [i.zero? ? :move : :line, point] })
    end

    def svg(path) = UpClose::Formats::SVG::PathWriter.call(path, places: 3)
  end
end
