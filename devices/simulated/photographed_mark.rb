# frozen_string_literal: true

module Devices
  module Simulated
    # A mark on its piece before the simulated camera: a value that a worker is sent. +drawn+ is a
    # Shelves::DrawnArtwork.
    PhotographedMark = Struct.new(:drawn, :width_mm, keyword_init: true) do
      # @param leaves [LeftBehind]
      # @return [String] JPEG of what it leaves of the mark
      def taken(leaves, seed: 1, ground: 0.25, sensor: [2000, 1500])
        Workers.drawing("photographing")
        per_mm = leaves.class::PER_MM.clamp(nil, 1400 / width_mm)
        raster = UpClose::Artwork::SizedRaster.new(drawn.artwork, width_mm: width_mm, per_mm: per_mm).image
        raster = raster.colourspace(:srgb).extract_band(0, n: 3)
        room = ([raster.width, raster.height].max * ground).round
        sides = [raster.width, raster.height].map { |side| side + 2 * room }
        flat = leaves.of_artwork(raster.embed(room, room, *sides, extend: :white), seed: seed)
        camera = Camera.new(sensor: sensor, aslant: framed(*sides, sensor))
        camera.photograph(flat, ground: leaves.ground, seed: seed)
      end

      private

      # as large as the picture takes it, a little aslant
      def framed(wide, high, (across, down))
        scale = [across * 0.9 / wide, down * 0.9 / high].min
        half_x, half_y = wide * scale / 2 / across, high * scale / 2 / down
        [[-1, -1, 0.02, 0.015], [1, -1, -0.015, -0.01], [1, 1, 0.01, -0.02], [-1, 1, -0.01, 0.01]].map do |x, y, dx, dy|
          [0.5 + x * half_x + dx, 0.5 + y * half_y + dy]
        end
      end
    end
  end
end
