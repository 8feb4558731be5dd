# frozen_string_literal: true

require "vips"

module Devices
  module Simulated
    # A flatbed: whoever lays the sheet in lays it in a little turned; under the
    # lid it is dark; its own scale is true.
    class Scanner
      include Device

      LID = 60
      ROOM_MM = 12
      DPI = 300

      # @param dpi [Integer]  @param noise [Numeric] of its own
      def initialize(dpi: DPI, noise: 3)
        @dpi, @noise = dpi, noise
      end

      # @param sheet [Vips::Image] grey  @param sheet_dpi [Integer]  @param turn_deg [Float] how it was laid in
      # @return [String] a PNG that carries its dpi
      def scan(sheet, sheet_dpi:, turn_deg: 0.0, seed: 1)
        scale = @dpi / sheet_dpi.to_f
        angle = turn_deg * Math::PI / 180
        matrix = [scale * Math.cos(angle), -scale * Math.sin(angle), scale * Math.sin(angle), scale * Math.cos(angle)]
        small = sheet.gaussblur(0.5 / scale)
        laid =
          small.affine(matrix, interpolate: Vips::Interpolate.new("bicubic"), background: [LID], extend: :background)
        room = (ROOM_MM * @dpi / 25.4).round
        bed =
          laid.embed(room, room, laid.width + 2 * room, laid.height + 2 * room, extend: :background, background: [LID])
        Noise.on(bed, @noise, seed).copy(xres: @dpi / 25.4, yres: @dpi / 25.4).pngsave_buffer(compression: 1)
      end

      def name = "The flatbed scanner"

      private

      # a sheet as it lay in a tray; read in a worker
      # @param sheet [String] PNG  @param sheet_dpi [Integer]
      # @return [String] a PNG that carries its dpi
      def carry_out(sheet:, sheet_dpi:, turn_deg: 0.0)
        Workers.drawing("scanning")
        scan(Vips::Image.new_from_buffer(sheet, ""), sheet_dpi: sheet_dpi, turn_deg: turn_deg)
      end
    end
  end
end
