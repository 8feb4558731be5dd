# frozen_string_literal: true

require "vips"

module UpClose
  module Formats
    # A picture of pixels, read by the one loader that its own first bytes call for, whatever its name says.
    class PictureFile
      # A format: its name, the loader that reads it, how its bytes begin, and what else the loader is told. Frozen.
      Kind = Value.define(:name, :loader, :begins, :options) do
        # @param bytes [String]  @return [Boolean]
        def begins?(bytes) = bytes.match?(begins)
      end

      # loaders that Debian's libvips has of its own; its ImageMagick loader is never asked
      KINDS = [
        Kind.new("PNG", :pngload_buffer, /\A\x89PNG\r\n\x1A\n/n, {}),
        Kind.new("JPEG", :jpegload_buffer, /\A\xFF\xD8\xFF/n, {}),
        Kind.new("WebP", :webpload_buffer, /\ARIFF.{4}WEBP/mn, {}),
        Kind.new("GIF", :gifload_buffer, /\AGIF8[79]a/n, {}),
        Kind.new("TIFF", :tiffload_buffer, /\A(?:II\*\0|MM\0\*|II\+\0|MM\0\+)/n, {}),
        Kind.new("HEIC", :heifload_buffer, /\A.{4}ftyp(?:heic|heix|hevc|heim|heis|mif1|msf1|avif)/mn, {})
      ].each(&:freeze).freeze

      MOST_PIXELS = 120_000_000
      LONGEST_SIDE = 30_000
      # what cameras and editors write when nobody asked, dots an inch; 25.4 is what libvips says of none
      NO_SIZE_DPI = [25.4, 72, 96].freeze
      DPI = (10..10_000)
      # an EXIF orientation that leaves the picture as it lies
      UPRIGHT = 1

      Vips.block("VipsForeignLoadMagick", true)

      # @param bytes [String]
      # @return [Kind, nil]
      def self.kind(bytes) = KINDS.find { |kind| kind.begins?(bytes.byteslice(0, 32).b) }

      # @return [String] "PNG, JPEG, …"
      def self.names = KINDS.map(&:name).join(", ")

      attr_reader :kind

      # @param bytes [String] that begin as one of KINDS
      def initialize(bytes)
        @bytes, @kind = bytes, PictureFile.kind(bytes)
      end

      # @return [Vips::Image] its size and what is said of it; no pixel is decoded
      # @raise [Vips::Error]
      def header = @header ||= load(fail_on: :none)

      def too_large? = [header.width, header.height].max > LONGEST_SIDE || header.width * header.height > MOST_PIXELS

      # @return [Vips::Image] upright, its pixels square, held in memory
      # @raise [Vips::Error] when part of it is missing
      def image = finished(load(fail_on: :truncated))

      # what there is of it
      # @param rows [Integer] so many from the top as the file lies; the rest is clear or white
      # @return [Vips::Image] as +image+
      def part(rows)
        read = Graphics::Pixels.held(load(fail_on: :none))
        finished(filled(read.crop(0, 0, read.width, rows), read.height))
      end

      # stored coarse first, fine last: what ends early lacks detail, not rows
      def coarse_first? = !header.get_typeof("interlaced").zero?

      # how many rows from the top are there, as the file lies: by halving
      # @return [Integer]
      def whole_rows
        return header.height if coarse_first?
        (0..header.height).bsearch { |rows| rows.positive? && !rows?(rows) }.then do |first_bad|
          first_bad ? first_bad - 1 : header.height
        end
      end

      # what the file says of its size, mm a pixel once pixels are square
      # @return [Float, nil] nil when it says nothing, or what programs write by themselves
      def mm_per_px
        across, down = turned_dpi
        dpi = [across, down].max
        unless DPI.cover?(dpi) && NO_SIZE_DPI.none? { |usual| (across - usual).abs < 0.1 && (down - usual).abs < 0.1 }
          return
        end
        25.4 / dpi
      end

      # true when a pixel is not as wide as it is high
      def oblong?
        turned_dpi.then { |across, down| DPI.cover?(across) && DPI.cover?(down) && (across / down - 1).abs > 0.005 }
      end

      private

      def finished(image) = square(upright(Graphics::Pixels.held(image)))

      def load(**how) = Vips::Image.public_send(kind.loader, @bytes, access: :sequential, **kind.options, **how)

      def rows?(rows)
        load(fail_on: :truncated).then { |image| image.crop(0, 0, image.width, rows).avg }
        true
      rescue Vips::Error
        false
      end

      def filled(top, height) = top.embed(0, 0, top.width, height, extend: top.has_alpha? ? :black : :white)

      def orientation = header.get_typeof("orientation").zero? ? UPRIGHT : header.get("orientation")

      # from memory: turning asks for pixels in another order than they come
      def upright(image) = (orientation == UPRIGHT) ? image : Graphics::Pixels.held(image.autorot)

      # dots an inch across and down, once it is upright
      def turned_dpi
        dpi = [header.xres, header.yres].map { |per_mm| per_mm * 25.4 }
        (orientation > 4) ? dpi.reverse : dpi
      end

      # the side that has fewer is given as many
      def square(image)
        return image unless oblong?
        across, down = turned_dpi
        Graphics::Pixels.held(image.resize([down / across, 1.0].max, vscale: [across / down, 1.0].max))
      end
    end
  end
end
