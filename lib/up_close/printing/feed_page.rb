# frozen_string_literal: true

module UpClose
  module Printing
    # The feed test: an arrow, printed on a sheet with a pencilled cross on its
    # upper face. One look tells which face this printer prints on.
    module FeedPage
      module_function

      # @param paper [Paper]
      # @return [Page]
      def call(paper)
        middle = paper.width_mm / 2
        arrow = [
          [middle, 40.0],
          [middle, 120.0],
          [middle, 40.0],
          [middle - 18, 66.0],
          [middle, 40.0],
          [middle + 18, 66.0]
        ].map do |x, y|
          Geometry::Point[x, y]
        end
        words = [
          "Feed test. Is the pencilled cross on this face, or on the other one?",
          "Answer on this printer's page in Up Close."
        ]
        Page.new(
          paper: paper,
          items: [Items::Line.new(arrow, width: 1.2, colour: Colour::BLACK), *words.each_with_index.map { |text, i|
            Items::Text.new(text, x: 30.0, y: 150.0 + i * 7, size: 2.6, bold: i.zero?)
          }]
        )
      end
    end
  end
end
