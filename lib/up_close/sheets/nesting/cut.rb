# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # The box of a part at a turn (degrees), about its origin, and how high the part is in it, mm. Frozen.
      Cut = Value.define(:turn, :box, :bare_height) do
        # @param gap [Float] mm, to the right and down
        def self.of(part, turn, gap)
          ring = Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline)
          box = Geometry::Box.around(ring.map { |x, y| Geometry::Point[x, y] })
          grown = Geometry::Box.new(x: box.x, y: box.y, width: box.width + gap, height: box.height + gap)
          new(turn, grown, box.height)
        end
      end
    end
  end
end
