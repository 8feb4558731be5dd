# frozen_string_literal: true

module UpClose
  module Printing
    # What stands in a sheet's frame: two bars to measure, and the heading.
    module Furniture
      BAR_MM = 50.0
      EDGE = 5.0

      module_function

      # @param paper [Paper]  @param heading [Heading]
      # @return [Array] items
      def items(paper, heading, sheet:, sheets:, mirrored:)
        bottom = paper.height_mm - EDGE - Items::Bar::TICK
        [
          Items::Bar.new(x: 20.0, y: bottom, length: BAR_MM, direction: :horizontal),
          Items::Text.new("50.0 mm: measure this", x: 73.0, y: bottom + 2.1),
          Items::Bar.new(x: EDGE, y: 30.0, length: BAR_MM, direction: :vertical),
          Items::Text.new("50", x: EDGE, y: 84.0),
          *heading.items(sheet: sheet, sheets: sheets, mirrored: mirrored, x: 20.0, y: EDGE + 2.4)
        ]
      end
    end
  end
end
