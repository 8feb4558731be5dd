# frozen_string_literal: true

module UpClose
  module Printing
    # A plain sheet that an offcut, or a sheet that will not feed by itself, is taped
    # onto: at least 12 mm larger all round (handbook, “Sheets and stock”), taped at the edge that
    # feeds first. The print is moved to where the offcut lies. Frozen.
    class Carrier
      ROUND = 12.0
      # narrower or shorter than this a sheet does not feed by itself: starting values
      LEAST = [148.0, 210.0].freeze
      TAPE = [19.0, 8.0].freeze
      GUIDE = Colour.new(90, 90, 90)
      attr_reader :paper, :dx, :dy

      # @return [Boolean] whether a sheet of this size needs one
      def self.wanted?(width_mm, height_mm)
        [width_mm, height_mm].sort.zip(LEAST).any? { |side, least| side < least - 1 }
      end

      # the smallest paper that holds it with room all round
      # @return [Carrier, nil] nil when no paper is large enough
      def self.for(width_mm, height_mm)
        room = Paper::ALL.flat_map { |paper| [paper, paper.landscape] }.select do |paper|
          paper.width_mm >= width_mm + 2 * ROUND && paper.height_mm >= height_mm + 2 * ROUND
        end
        paper = room.min_by { |p| [p.width_mm * p.height_mm, p.landscape? ? 1 : 0] }
        paper && new(paper, (paper.width_mm - width_mm) / 2, ROUND)
      end

      # @param paper [Paper]  @param dx [Float] from its left to the offcut's  @param dy [Float] from its top
      def initialize(paper, dx, dy)
        @paper, @dx, @dy = paper, dx, dy
        freeze
      end

      # a page of the offcut, on the carrier
      # @return [Page]
      def carried(page)
        Page.new(paper: paper, items: page.items, map: Geometry::Transform.move(dx, dy).then(page.map))
      end

      # where it is taped down: printed on the carrier itself first
      # @param sheet [NestedPack::Sheet]
      # @return [Page]
      def page(sheet)
        Page.new(
          paper: paper,
          items: [outline(sheet), *sheet.used.map { |ring| line(ring) }, *tapes(sheet), *words(sheet)]
        )
      end

      private

      def line(ring)
        Items::Line.new([*ring, ring.first].map { |x, y| Geometry::Point[x + dx, y + dy] }, width: 0.2, colour: GUIDE)
      end

      def outline(sheet)
        Items::Line.new(box(0, 0, sheet.width_mm, sheet.height_mm), width: 0.35, colour: Colour::BLACK)
      end

      def box(x, y, width, height)
        [[x, y], [x + width, y], [x + width, y + height], [x, y + height], [x, y]].map do |px, py|
          Geometry::Point[px + dx, py + dy]
        end
      end

      # two strips over the leading edge, half on the offcut's frame
      def tapes(sheet)
        wide, tall = TAPE
        [0.2, 0.8].map do |share|
          Items::Line.new(box(sheet.width_mm * share - wide / 2, -tall / 2, wide, tall), width: 0.2, colour: GUIDE)
        end
      end

      def words(sheet)
        foot = dy + sheet.height_mm + 6
        [
          "Carrier for #{sheet.title}: tape it down here, this edge first into the printer.",
          "Tape flat and rubbed down, only at the leading edge, away from the rollers. Print side outwards."
        ].each_with_index.map do |text, i|
          Items::Text.new(
            text,
            x: [dx, 12.0].max,
            y: [foot + i * 4.4, paper.height_mm - 7 + i * 4.4].min,
            bold: i.zero?
          )
        end
      end
    end
  end
end
