# frozen_string_literal: true

require "stringio"
require "vips"
require "zlib"

module UpClose
  module Artwork
    # Opens artwork from bytes: by what the file is, not what it is called.
    # The file's own heading is read and bounded before anything is decoded.
    class Opening
      MOST_BYTES = 40 * 1024 * 1024
      PDF = "%PDF-".b
      GZIP = "\x1F\x8B".b

      # @param bytes [String]
      # @param white_as_ink [Boolean] what is white on clear becomes black
      # @param take_part [Boolean] what there is of a picture whose data ends early
      # @param take_all [Boolean] what lies beyond a drawing's own page as well
      # @param px [Integer] along the longer side of the ink of a drawing that must become a picture
      # @param on_draw [#call] told when the file has been read and what takes longer begins
      # @return [Drawing, Picture]
      # @raise [Errors::BadArtwork, Errors::NoInk]
      def self.call(bytes, **how) = new(bytes, **how).call

      def initialize(
        bytes,
        white_as_ink: false,
        take_part: false,
        take_all: false,
        px: RenderedDrawing::USUAL_PX,
        on_draw: -> {}
      )
        @bytes = bytes.to_s.b
        @white_as_ink, @take_part, @take_all, @px, @on_draw = white_as_ink, take_part, take_all, px, on_draw
      end

      def call
        refuse("This file is empty.", "Choose the file again.") if @bytes.empty?
        if @bytes.bytesize > MOST_BYTES
          refuse(
            "This file is larger than #{MOST_BYTES / 1024 / 1024} MB.",
            "Save it smaller: 600 pixels an inch at its final size is plenty."
          )
        end
        opened = open
        @on_draw.call
        artwork = @white_as_ink ? WhiteAsInk.call(opened) : opened
        no_ink(artwork) unless artwork.ink
        artwork
      rescue Vips::Error
        refuse("This picture is incomplete or damaged.", "Save it again in the program that made it.")
      end

      private

      def open
        return picture if Formats::PictureFile.kind(@bytes)
        return page if @bytes.byteslice(0, 1024).include?(PDF)
        @bytes = unpacked if @bytes.start_with?(GZIP)
        return drawing if svg?
        refuse(
          "We cannot read this kind of file, whatever its name.",
          "Save it as SVG, PDF, PNG or JPEG; #{Formats::PictureFile.names} are read too."
        )
      end

      # a drawing in a smaller wrapping (.svgz), taken out of it no further than a drawing may be large
      def unpacked
        Zlib::GzipReader.new(StringIO.new(@bytes)).read(Formats::SVG::Guard::MOST_BYTES + 1).to_s.b
      rescue Zlib::Error
        refuse("This file is incomplete or damaged.", "Save it again in the program that made it.")
      end

      def svg?
        head = @bytes.byteslice(0, 4096).force_encoding("UTF-8").scrub("").delete_prefix("\uFEFF").lstrip
        head.start_with?("<") && (head.match?(/<(\w+:)?svg\b/i) || head.match?(/<!DOCTYPE\s+svg|<!ENTITY/i))
      end

      def picture
        file = Formats::PictureFile.new(@bytes)
        too_many_pixels(file.header) if file.too_large?
        @on_draw.call
        return part(file) if @take_part
        Picture.new(@bytes, mm_per_unit: file.mm_per_px, notes: notes_of(file), image: (file.image if file.oblong?))
          .tap(&:image)
      rescue Vips::Error
        missing(file)
      end

      def notes_of(file)
        file.oblong? ? ["Its pixels are not square. We corrected that: its width and height are as the file says."] : []
      end

      # what there is of a file whose data ends early
      def part(file)
        rows = file.whole_rows
        note = "Part of this picture is missing in its file: " \
          "#{file.coarse_first? ? "its fine detail" : "#{share_missing(file, rows)} at its foot is left white"}."
        Picture.new(@bytes, image: file.part(rows), mm_per_unit: file.mm_per_px, notes: [*notes_of(file), note])
      end

      # @raise [Errors::PartMissing, Errors::BadArtwork]
      def missing(file)
        rows = file.whole_rows
        refuse("This picture is incomplete or damaged.", "Save it again in the program that made it.") if rows.zero?
        raise Errors::PartMissing.new(
          "Part of it is missing: #{file.coarse_first? ? "its fine detail" : share_missing(file, rows)}.",
          remedy: "Copy or download it again, or use what is there.",
          field: :file
        )
      rescue Vips::Error
        refuse("This picture is incomplete or damaged.", "Save it again in the program that made it.")
      end

      def share_missing(file, rows)
        missing = 1 - rows / file.header.height.to_f
        "#{Working.number([100 * missing, 0.1].max, (missing < 0.01) ? 1 : 0)} %"
      end

      def too_many_pixels(image)
        refuse("This picture is #{image.width} × #{image.height} pixels, more than we can open.",
          "#{Formats::PictureFile::MOST_PIXELS / 1_000_000} million pixels is the most. Save it smaller.")
      end

      def drawing
        reader = Formats::SVG::Reader.new(@bytes, take_all: @take_all)
        drawn = reader.drawing
        return Drawing.of(drawn) if reader.beyond.empty?
        rendered(reader, "This drawing uses #{reader.beyond.join(", ")}", drawn.notes, reader.mm_per_unit)
      end

      # a PDF's first page: lines where it is lines, else a picture of it
      def page
        reader = Formats::PDF::Reader.new(@bytes, take_all: @take_all)
        drawn = reader.drawing
        return Drawing.of(drawn) if reader.beyond.empty?
        rendered(reader, "This page holds #{reader.beyond.join(", ")}", drawn.notes, 1.0)
      end

      # beyond plain paths: as a picture, and said so
      def rendered(reader, words, notes, mm_per_unit)
        @on_draw.call
        RenderedDrawing.new(reader.page, mm_per_unit: mm_per_unit, px: @px).call(@bytes, words, notes)
      end

      ALL_WHITE = "All of it is white, and a printer has no white ink. Nothing would be printed."

      def no_ink(artwork)
        white = !@white_as_ink && WhiteAsInk.any?(artwork)
        raise Errors::NoInk.new(
          white ? ALL_WHITE : "There is no ink in this file: all of it is white or clear.",
          white: white,
          remedy: white ? "Choose what to do with it." : "Check that it is the right file.",
          field: :file
        )
      end

      def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))
    end
  end
end
