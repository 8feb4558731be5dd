# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # The room that what is drawn is seen in: a box, and the map from its own units; perhaps within another. Frozen.
      class Seen
        # what may stand out before it counts, as a share of the box
        HAIR = 1e-4

        # @param box [Geometry::Box]  @param map [Geometry::Transform] from the box's units to the drawing's
        # @param outer [Seen, nil]
        def initialize(box, map, outer = nil)
          @box, @map, @outer = box, map, outer
          freeze
        end

        # @param reach [Geometry::Box] of a shape, the drawing's units
        # @return [Symbol] :whole, :part or :none
        def of(reach)
          here = here(reach)
          return here if @outer.nil? || here == :none
          [here, @outer.of(reach)].max_by { |seen| %i[whole part none].index(seen) }
        end

        private

        def here(reach)
          return :none if @map.determinant.zero?
          own = Geometry::Box.around(reach.corners.map { |corner| @map.inverse.apply(corner) })
          return :whole if own.inside?(@box, slack: HAIR * [@box.width, @box.height].max)
          own.overlaps?(@box) ? :part : :none
        end
      end
    end
  end
end
