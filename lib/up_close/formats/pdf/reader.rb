# frozen_string_literal: true

require "pdf/reader"
require "stringio"
require "timeout"

module UpClose
  module Formats
    module PDF
      # Reads the first page of a PDF as lines, where it is drawn with lines. What
      # goes beyond them (letters in fonts, pictures, shadings, clipping to
      # shapes) is named, so that the page can be rendered instead.
      class Reader
        MOST_PAGES = 100
        MOST_SECONDS = 10
        MM_PER_POINT = 25.4 / 72

        # @param bytes [String]
        def initialize(bytes)
          @bytes = bytes
        end

        # @return [Artwork::Drawing] in millimetres, y downwards
        # @raise [Errors::BadArtwork]
        def drawing
          Timeout.timeout(MOST_SECONDS) { read }
          Artwork::Drawing.new(@walk.shapes, mm_per_unit: 1.0, notes: notes)
        rescue ::PDF::Reader::EncryptedPDFError
          refuse("This PDF is locked with a password.", "Save it again without one.")
        rescue Timeout::Error
          refuse("This PDF is more than can be read in #{MOST_SECONDS} seconds.", "Save only the page you need, or export it as SVG.")
        rescue ::PDF::Reader::MalformedPDFError, ::PDF::Reader::UnsupportedFeatureError, ArgumentError, NoMethodError, TypeError, ZeroDivisionError, RangeError, Zlib::Error
          refuse("This PDF breaks off, or is damaged.", "Save it again from where it came from.")
        end

        # @return [Array<String>] what lines cannot say; empty when the drawing is whole
        def beyond = @walk ? @walk.beyond : []

        def notes = (@pages.to_i > 1) ? ["This PDF has #{@pages} pages: the first is used."] : []

        private

        def read
          document = ::PDF::Reader.new(StringIO.new(@bytes))
          @pages = document.page_count
          refuse("This PDF has #{@pages} pages; #{MOST_PAGES} is the most.", "Save only the page you need.") if @pages > MOST_PAGES
          refuse("This PDF has no page.", "Save it again from where it came from.") if @pages < 1
          page = document.page(1)
          @walk = PageWalk.new(page_map(page))
          page.walk(@walk)
        end

        # points, y upwards from the box's foot, to millimetres downwards; turned as the page is
        def page_map(page)
          left, bottom, _, top = page.attributes[:CropBox] || page.attributes[:MediaBox] || [0, 0, 612, 792]
          map = Geometry::Transform.move(-left, -bottom).then(Geometry::Transform.new(MM_PER_POINT, 0, 0, -MM_PER_POINT, 0, (top - bottom) * MM_PER_POINT))
          turn = page.attributes[:Rotate].to_i % 360
          turn.zero? ? map : map.then(Geometry::Transform.turn(turn))
        end

        def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))
      end
    end
  end
end
