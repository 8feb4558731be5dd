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

        # a page as large as this is none, points
        MOST_POINTS = 2_000_000
        LETTER = [0, 0, 612, 792].freeze
        # what a reader stumbles over in a file that is not what the standard asks for
        DAMAGED = [
          ::PDF::Reader::MalformedPDFError,
          ::PDF::Reader::UnsupportedFeatureError,
          ArgumentError,
          NameError,
          TypeError,
          ZeroDivisionError,
          RangeError,
          SystemStackError,
          EncodingError,
          IndexError,
          Zlib::Error
        ].freeze

        # @param bytes [String]
        # @param take_all [Boolean] what lies beyond the page's crop as well
        def initialize(bytes, take_all: false)
          @bytes, @take_all = bytes, take_all
        end

        # the page as a renderer makes it
        # @return [RenderedPage]
        def page = RenderedPage.new(@bytes, @seen)

        # @return [Graphics::Drawn] in millimetres, y downwards
        # @raise [Errors::BadArtwork]
        def drawing
          Timeout.timeout(MOST_SECONDS) { read }
          Graphics::Drawn.new(@walk.shapes, mm_per_unit: 1.0, notes: notes)
        rescue ::PDF::Reader::EncryptedPDFError
          refuse("This PDF is locked with a password.", "Save it again without one.")
        rescue Timeout::Error
          refuse(
            "This PDF is more than can be read in #{MOST_SECONDS} seconds.",
            "Save only the page you need, or export it as SVG."
          )
        rescue *DAMAGED
          refuse("This PDF is incomplete or damaged.", "Save it again in the program that made it.")
        end

        # @return [Array<String>] what lines cannot say; empty when the drawing is whole
        def beyond = @walk ? @walk.beyond : []

        def notes
          [
            ("This PDF has #{@pages} pages: the first is used." if @pages.to_i > 1),
            (SVG::Reader::CUT_AWAY if @walk.cut?)
          ].compact
        end

        private

        def read
          document = ::PDF::Reader.new(StringIO.new(@bytes))
          @pages = document.page_count
          if @pages > MOST_PAGES
            refuse("This PDF has #{@pages} pages; #{MOST_PAGES} is the most.", "Save only the page you need.")
          end
          refuse("This PDF has no page.", "Save it again in the program that made it.") if @pages < 1
          page = document.page(1)
          map = page_map(page)
          @seen = Geometry::Box.around(seen_points(page).map { |point| map.apply(point) })
          @walk = PageWalk.new(map, clip: (@seen unless @take_all), unit: user_unit(page))
          @walk.beyond!("layers that are not shown") if hidden_layers?(document)
          page.walk(@walk)
        end

        # points, y upwards from the box's foot, to millimetres downwards; turned as the page is
        def page_map(page)
          left, bottom, _, top = crop(page)
          mm = MM_PER_POINT * user_unit(page)
          map = Geometry::Transform.move(-left, -bottom)
            .then(Geometry::Transform.new(mm, 0, 0, -mm, 0, (top - bottom) * mm))
          turn = page.attributes[:Rotate].to_i % 360
          turn.zero? ? map : map.then(Geometry::Transform.turn(turn))
        end

        def seen_points(page)
          left, bottom, right, top = crop(page)
          [[left, bottom], [right, bottom], [right, top], [left, top]].map { |x, y| Geometry::Point[x, y] }
        end

        # how long a point of this page is, in points (ISO 32000-1, 14.11.2.1)
        def user_unit(page)
          page.attributes[:UserUnit].then do |unit|
            (unit.is_a?(Numeric) && unit.between?(0.01, 75_000)) ? unit.to_f : 1.0
          end
        end

        # what of the medium is shown
        def crop(page)
          media = box(page, :MediaBox) || LETTER
          crop = box(page, :CropBox) or return media
          left, bottom = [0, 1].map { |i| [crop[i], media[i]].max }
          right, top = [2, 3].map { |i| [crop[i], media[i]].min }
          (right > left && top > bottom) ? [left, bottom, right, top] : media
        end

        def box(page, name)
          corners = page.objects.deref_array(page.attributes[name])
          return unless corners&.size == 4 && corners.all? { |v| v.is_a?(Numeric) && v.abs < MOST_POINTS }
          x, y = [0, 1].map { |i| [corners[i], corners[i + 2]].sort }
          (x[1] > x[0] && y[1] > y[0]) ? [x[0], y[0], x[1], y[1]] : nil
        end

        # layers that the file switches off: what belongs to them is left to the renderer
        def hidden_layers?(document)
          objects = document.objects
          layers =
            objects.deref_hash(objects.deref_hash(objects.trailer[:Root])&.fetch(:OCProperties, nil)) or return false
          shown = objects.deref_hash(layers[:D]) || {}
          objects.deref_array(shown[:OFF]).to_a.any? || shown[:BaseState] == :OFF
        end

        def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))
      end
    end
  end
end
