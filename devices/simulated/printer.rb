# frozen_string_literal: true

require "vips"

module Devices
  module Simulated
    # A printer with faults of its own, which the app is not told: it stretches,
    # leans and shifts the page, cannot reach the edges, leaves a ghost further
    # down, roller tracks in wet ink, and a little noise. The same page comes out
    # the same each time.
    class Printer
      include Device

      attr_reader :name, :kind, :dpi, :faults

      # as wide as a roller's track
      TRACK_MM = 1.2

      Faults = Struct.new(
        :x_scale, :y_scale, :skew_deg, :turn_deg, :offset_mm, :margin_mm, :ghost_mm, :rollers_mm, :noise,
        keyword_init: true
      )

      ALL = {
        "harbour-laser" => ["Harbour office laser", :laser, Faults.new(
          x_scale: 1.0042, y_scale: 0.9968, skew_deg: 0.12, turn_deg: 0.25, offset_mm: [0.8, -0.6], margin_mm: 4.2,
          ghost_mm: 94.2, rollers_mm: [], noise: 3
        )],
        "kitchen-inkjet" => ["Kitchen table inkjet", :inkjet, Faults.new(
          x_scale: 0.9975, y_scale: 1.0061, skew_deg: -0.2, turn_deg: -0.15, offset_mm: [-0.4, 1.1], margin_mm: 3.2,
          ghost_mm: nil, rollers_mm: [52.0, 158.0], noise: 4
        )]
      }.freeze

      # @param key [String]
      # @return [Printer, nil]
      def self.fetch(key) = ALL[key]&.then { |name, kind, faults| new(name, kind, faults) }

      def initialize(name, kind, faults, dpi: 400)
        @name, @kind, @faults, @dpi = name, kind, faults, dpi
      end

      # @param pdf [String] a page  @param seed [Integer]
      # @return [Vips::Image] the printed sheet, grey, at +dpi+
      def print(pdf, width_mm:, height_mm:, seed: 1)
        page = grey(Vips::Image.pdfload_buffer(pdf, dpi: dpi, background: [255])).copy_memory
        # in memory, since a ghost asks for every pixel twice
        sheet = within_reach(moved(page, px(width_mm), px(height_mm))).copy_memory
        sheet = ghosted(sheet) if faults.ghost_mm&.< height_mm
        sheet = faults.rollers_mm.select { |mm| mm + TRACK_MM < width_mm }.reduce(sheet) do |image, roller_mm|
          tracked(image, roller_mm)
        end
        Noise.on(sheet, faults.noise, seed)
      end

      private

      # The sheet as it lies in the tray; drawn in a worker.
      # @param pdf [String] a page
      # @param gone [Array<Array>] rings that the loaded sheet no longer has, mm: they show the dark of the tray
      # @return [String] a PNG that carries its dpi
      def carry_out(pdf:, width_mm:, height_mm:, gone: [])
        Workers.drawing("printing")
        sheet = print(pdf, width_mm: width_mm, height_mm: height_mm)
        sheet = without(sheet, gone, width_mm, height_mm) if gone.any?
        sheet.copy(xres: dpi / 25.4, yres: dpi / 25.4).pngsave_buffer(compression: 1)
      end

      def without(sheet, gone, width_mm, height_mm)
        shapes = gone.map { |ring| %(<polygon points="#{ring.map { |x, y| "#{x},#{y}" }.join(" ")}" fill="#fff"/>) }
          .join
        size = %(width="#{sheet.width}" height="#{sheet.height}" viewBox="0 0 #{width_mm} #{height_mm}")
        mask = Vips::Image
          .svgload_buffer(%(<svg xmlns="http://www.w3.org/2000/svg" #{size} preserveAspectRatio="none">#{shapes}</svg>))
        mask[3].ifthenelse(Scanner::LID, sheet).cast(:uchar)
      end

      def px(mm) = (mm * dpi / 25.4).round

      # how dark each colour prints: Rec. 709's weights of red, green and blue
      LUMA = [[0.2126, 0.7152, 0.0722]].freeze

      def grey(image)
        return image if image.bands == 1
        flat = image.flatten(background: [255] * (image.bands - 1))
        (flat.bands == 3) ? flat.recomb(LUMA).rint.cast(:uchar) : flat[0]
      end

      # what it makes of each pixel: scale and lean first, then the turn on the paper
      def moved(page, width, height)
        turn, lean = [faults.turn_deg, faults.turn_deg - faults.skew_deg].map { |deg| deg * Math::PI / 180 }
        matrix = [
          faults.x_scale * Math.cos(turn),
          -faults.y_scale * Math.sin(lean),
          faults.x_scale * Math.sin(turn),
          faults.y_scale * Math.cos(lean)
        ]
        dx, dy = faults.offset_mm.map { |mm| mm * dpi / 25.4 }
        page.affine(
          matrix,
          interpolate: Vips::Interpolate.new("bicubic"),
          oarea: [0, 0, width, height],
          odx: dx,
          ody: dy,
          background: [255],
          extend: :background
        )
          .cast(:uchar)
      end

      def within_reach(sheet)
        edge = px(faults.margin_mm)
        sheet.crop(edge, edge, sheet.width - 2 * edge, sheet.height - 2 * edge)
          .embed(edge, edge, sheet.width, sheet.height, extend: :white)
      end

      # a tenth of what stood a drum's turn further up
      def ghosted(sheet)
        down = px(faults.ghost_mm)
        ghost = sheet.crop(0, 0, sheet.width, sheet.height - down)
          .embed(0, down, sheet.width, sheet.height, extend: :white)
        (sheet.cast(:float) - ghost.cast(:float).linear(-0.06, 255 * 0.06)).cast(:uchar)
      end

      # a roller's track takes some of the ink it runs over
      def tracked(sheet, at_mm)
        wide = px(TRACK_MM)
        strip = sheet.crop(px(at_mm), 0, wide, sheet.height)
        sheet.insert(((strip.cast(:float) * 0.75) + 64).cast(:uchar), px(at_mm), 0)
      end
    end
  end
end
