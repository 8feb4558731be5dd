# frozen_string_literal: true

module UpClose
  module Printing
    # One page: its paper and what stands on it, and the map it is drawn by, which
    # is none unless a printer's faults are to be undone. Every format is written
    # from this. Frozen.
    class Page
      attr_reader :paper, :items, :map

      # @param map [Geometry::Transform]
      def initialize(paper:, items:, map: Geometry::Transform::IDENTITY)
        @paper, @items, @map = paper, items.freeze, map
        freeze
      end

      # drawn by a further map, after its own
      def drawn_by(more) = Page.new(paper: paper, items: items, map: map.then(more))

      def bars = items.grep(Items::Bar)

      def marks = items.grep(Items::Mark)
    end
  end
end
