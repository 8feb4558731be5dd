# frozen_string_literal: true

module UpClose
  module Printing
    # The sheets of one mark, or of several ganged up, where they have been laid
    # out freely: leftovers first. A fresh sheet carries the heading and the bars. A
    # leftover carries nothing but the marks and their numbers, since whatever else is
    # printed may fall where it has been cut away; its proof on plain paper carries
    # them instead, with the outline of what is gone.
    class NestedPack
      # One sheet: its size, what is gone from it, where copies lie, and the carrier it
      # rides on, if any. Frozen.
      class Sheet
        attr_reader :title, :width_mm, :height_mm, :used, :places, :carrier

        # @param title [String]  @param used [Array] rings, mm
        # @param places [Array<Place>]  @param fresh [Boolean]  @param carrier [Carrier, nil]
        def initialize(title:, width_mm:, height_mm:, places:, used: [], fresh: true, carrier: nil)
          @title, @width_mm, @height_mm, @used, @places, @fresh, @carrier =
            title, width_mm, height_mm, used, places, fresh, carrier
          freeze
        end

        def fresh? = @fresh

        def paper = Paper.new("sheet", title, width_mm, height_mm)
      end

      # The middle of a copy's ink, and how it is turned; whose copy it is, and the
      # letter that tells several marks apart.
      Place = Struct.new(:copy, :x, :y, :turn, :mark, :letter) do
        # @return [Geometry::Transform] from about the middle to the sheet
        def map = Geometry::Transform.turn(turn).then(Geometry::Transform.move(x, y))

        # @param outline [Array<Array(Float, Float)>] about the middle
        # @return [Array<Geometry::Point>] on the sheet
        def line(outline)
          there = map
          outline.map { |px, py| there.apply(Geometry::Point[px, py]) }
        end
      end

      # How the copies of one mark are drawn, and the line they are cut out along. Frozen.
      Kind = Value.define(:copy, :ink, :width_mm, :cut, :mirrored, keyword_init: true) do
        # @return [Array<Array(Float, Float)>] about the middle
        def outline = cut.outline

        # @return [Geometry::Box] of a copy's ink, before it is turned about its middle
        def ink_box(place)
          height_mm = width_mm * ink.aspect
          Geometry::Box.new(x: place.x - width_mm / 2.0, y: place.y - height_mm / 2, width: width_mm, height: height_mm)
        end

        # @return [Array] items
        def items(place) = copy.boxed(place.copy, ink_box(place).grown(copy.border), turn: place.turn)
      end

      GONE = Colour.new(110, 106, 98)

      # @param kinds [Hash{Object => Kind}] by Place#mark  @param laid [Array<Sheet>]
      # @param heading [Heading]  @param gap_mm [Float] kept between copies: room for their numbers
      def initialize(kinds:, laid:, heading:, gap_mm:)
        @kinds, @laid, @heading, @gap = kinds, laid, heading, gap_mm
      end

      def sheets = @laid.size

      def copies = @laid.sum { |sheet| sheet.places.size }

      # @return [Array<Page>]
      def pages
        @pages ||= @laid.each_with_index.map { |sheet, i| page(sheet, (sheet.fresh? ? furniture(sheet, i) : [])) }
      end

      # what goes on plain paper first, to hold against the sheet and to measure
      # @return [Array<Page>]
      def proof_pages = @laid.each_with_index.map { |sheet, i| page(sheet, gone(sheet) + free_furniture(sheet, i)) }

      # sheets that ride on another, as they are to be taped down
      # @return [Array<Page>]
      def carrier_pages = @laid.filter_map { |sheet| sheet.carrier&.page(sheet) }

      private

      def page(sheet, items)
        made = Page.new(
          paper: sheet.paper,
          items: items + sheet.places.flat_map { |place| @kinds.fetch(place.mark).items(place) + label(place) }
        )
        sheet.carrier ? sheet.carrier.carried(made) : made
      end

      def label(place)
        kind = @kinds.fetch(place.mark)
        Label.items("#{place.letter}#{place.copy}", place.line(kind.outline), gap_mm: @gap, turned: kind.mirrored)
      end

      def furniture(sheet, index)
        Furniture.items(sheet.paper, @heading, sheet: index + 1, sheets: sheets, mirrored: mirrored)
      end

      # true, false, or :some
      def mirrored = @kinds.values.map(&:mirrored).uniq.then { |answers| (answers.size > 1) ? :some : answers.first }

      # bars and words that would fall on a mark or on what is gone are left out of a proof
      def free_furniture(sheet, index)
        taken = sheet.used.map { |ring|
          Geometry::Box.around(ring.map { |x, y| Geometry::Point[x, y] })
        } + sheet.places.map { |place| Geometry::Box.around(place.line(@kinds.fetch(place.mark).outline)) }
        furniture(sheet, index).reject { |item| taken.any? { |box| box.overlaps?(extent(item)) } }
      end

      def extent(item)
        return item.box if item.respond_to?(:box)
        Geometry::Box.new(
          x: item.x,
          y: item.y - item.size,
          width: item.words.length * item.size,
          height: item.size * 1.3
        )
      end

      def gone(sheet)
        sheet.used.map do |ring|
          Items::Line.new([*ring, ring.first].map { |x, y| Geometry::Point[x, y] }, width: 0.35, colour: GONE)
        end
      end
    end
  end
end
