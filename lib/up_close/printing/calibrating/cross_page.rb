# frozen_string_literal: true

module UpClose
  module Printing
    module Calibrating
      # A page of crosses at known places, and a block beside the first, which
      # tells which way up it lies. Frozen.
      class CrossPage
        ARM = 3.0
        LINE = 0.3
        INSET = 20.0
        COLUMNS = 5
        ROWS = 7
        BLOCK = 4.0
        # the block's middle, from the first cross
        BLOCK_AT = Geometry::Point[9.0, 0.0]

        attr_reader :paper

        # @param paper [Paper]
        def initialize(paper)
          @paper = paper
          freeze
        end

        # @return [Array<Geometry::Point>] mm, row by row
        def crosses
          ROWS.times.flat_map do |j|
            Array.new(COLUMNS) do |i|
              Geometry::Point[INSET + i * (paper.width_mm - 2 * INSET) / (COLUMNS - 1), INSET +
                j * (paper.height_mm - 2 * INSET) / (ROWS - 1)]
            end
          end
        end

        # the four outer ones: top left, top right, bottom right, bottom left
        def corners = crosses.values_at(0, COLUMNS - 1, -1, -COLUMNS)

        # @return [Page]
        def page(words: "Up Close: crosses, #{paper.title}. #{Pack::SETTINGS}.")
          block = crosses.first + BLOCK_AT
          Page.new(
            paper: paper,
            items: crosses.flat_map { |p| cross(p) } + [
              box(block.x - BLOCK / 2, block.y - BLOCK / 2, BLOCK, BLOCK),
              Items::Text.new(words, x: INSET, y: paper.height_mm - 9.0)
            ]
          )
        end

        private

        def cross(centre)
          x, y = centre.x, centre.y
          [box(x - ARM, y - LINE / 2, 2 * ARM, LINE), box(x - LINE / 2, y - ARM, LINE, 2 * ARM)]
        end

        def box(x, y, width, height) = Items::Block.new(Geometry::Box.new(x: x, y: y, width: width, height: height))
      end
    end
  end
end
