# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # Opens artwork from bytes: by what the file is, not what it is called.
    # The file's own heading is read and bounded before anything is decoded.
    class Opening
      MOST_BYTES = 40 * 1024 * 1024
      PNG = "\x89PNG\r\n\x1A\n".b
      JPEG = "\xFF\xD8\xFF".b
      PDF = "%PDF-".b
      RENDERED_PX = 4800
      RENDERED_DPI = 600

      # @param bytes [String]
      # @param white_as_ink [Boolean] what is white on clear becomes black
      # @param on_draw [#call] told when the file has been read and what takes longer begins
      # @return [Drawing, Picture]
      # @raise [Errors::BadArtwork, Errors::NoInk]
      def self.call(bytes, **how) = new(bytes, **how).call

      def initialize(bytes, white_as_ink: false, on_draw: -> {})
        @bytes = bytes.to_s.b
        @white_as_ink, @on_draw = white_as_ink, on_draw
      end

      def call
        refuse("This file is empty.", "Choose the file again.") if @bytes.empty?
        refuse("This file is larger than #{MOST_BYTES / 1024 / 1024} MB.", "Save it smaller: 600 pixels an inch at its final size is plenty.") if @bytes.bytesize > MOST_BYTES
        opened = open
        @on_draw.call
        artwork = @white_as_ink ? WhiteAsInk.call(opened) : opened
        no_ink(artwork) unless artwork.ink
        artwork
      rescue Vips::Error
        refuse("This picture breaks off, or is damaged.", "Save it again from where it came from.")
      end

      private

      def open
        return picture if @bytes.start_with?(PNG, JPEG)
        return page if @bytes.byteslice(0, 1024).include?(PDF)
        return drawing if svg?
        refuse("This file is not a PNG, JPEG, SVG or PDF, whatever its name says.", "Save the artwork as one of those four.")
      end

      def svg?
        head = @bytes.byteslice(0, 4096).force_encoding("UTF-8").scrub("").delete_prefix("\uFEFF").lstrip
        head.start_with?("<") && (head.match?(/<(\w+:)?svg\b/i) || head.match?(/<!DOCTYPE\s+svg|<!ENTITY/i))
      end

      def picture
        header = Vips::Image.new_from_buffer(@bytes, "", access: :sequential, fail_on: :truncated)
        check_size(header)
        @on_draw.call
        # a truncated file shows only when its last row is asked for
        Picture.new(@bytes).tap(&:image)
      end

      def check_size(image)
        return if image.width <= Picture::LONGEST_SIDE && image.height <= Picture::LONGEST_SIDE && image.width * image.height <= Picture::MOST_PIXELS
        refuse("This picture is #{image.width} × #{image.height} pixels, more than Up Close opens.",
          "#{Picture::MOST_PIXELS / 1_000_000} million pixels is the most. Save it smaller.")
      end

      def drawing
        reader = Formats::SVG::Reader.new(@bytes)
        drawing = reader.drawing
        return drawing if reader.beyond.empty?
        rendered(reader.beyond)
      end

      # a PDF's first page: lines where it is lines, else a picture of it
      def page
        reader = Formats::PDF::Reader.new(@bytes)
        drawing = reader.drawing
        return drawing if reader.beyond.empty?
        @on_draw.call
        size = Vips::Image.pdfload_buffer(@bytes)
        dpi = [RENDERED_DPI, 72.0 * RENDERED_PX / [size.width, size.height].max].min
        image = Pixels.held(Vips::Image.pdfload_buffer(@bytes, dpi: dpi, background: [255]))
        note = "This page holds #{reader.beyond.join(", ")}, so it goes to paper as a picture of #{image.width} × #{image.height} pixels, not as lines."
        Picture.new(@bytes, image: image, notes: reader.notes + [note], mm_per_unit: 25.4 / dpi)
      end

      # beyond plain paths: as a picture, and said so
      def rendered(beyond)
        @on_draw.call
        image = Vips::Image.svgload_buffer(@bytes, unlimited: true)
        scale = RENDERED_PX / [image.width, image.height].max.to_f
        image = Vips::Image.svgload_buffer(@bytes, scale: scale, unlimited: true)
        note = "This drawing uses #{beyond.join(", ")}, so it goes to paper as a picture of #{image.width} × #{image.height} pixels, not as lines."
        Picture.new(@bytes, image: Pixels.held(image), notes: [note])
      end

      def no_ink(artwork)
        white = !@white_as_ink && WhiteAsInk.any?(artwork)
        reason = white ? "All of it is white, and a printer lays no white: nothing would be printed." : "There is no ink in this file: all of it is white or clear."
        raise Errors::NoInk.new(reason, white: white, remedy: white ? "Choose what is to be done with it." : "Check that it is the right file.", field: :file)
      end

      def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))
    end
  end
end
