# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # Copper that is joined to nothing, holds no hole, and is narrower than the method carries: it comes loose in the
      # bath and lies across a gap.
      module Slivers
        LISTED = 60
        # larger ones are ground, not slivers, mm²
        MOST_MM2 = 2.0

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context) = context.each_side { |side| finding(context, side) }

        # @param side [String]  @return [Finding]
        def finding(context, side)
          boxes = slivers(context, side).map(&:box)
          title = "Loose slivers#{context.named(side)}"
          return Finding.fine(:"sliver_#{side}", title, figure: "none") if boxes.empty?
          Finding.watch(
            :"sliver_#{side}", title, figure: boxes.size.to_s, value: boxes.size,
            reason: "Narrower than #{Working.number(context.line_mm)} mm, and joined to nothing: it can come loose.",
            remedy: "Take it out where the board was drawn, or scratch it off the resist.",
            places: boxes.first(MOST_PLACES)
          )
        end

        # @return [Array<Geometry::Region>]
        def slivers(context, side)
          small = context.board.copper(side).parts.select { |part| part.area < MOST_MM2 }
          small = small.select { |part| thin?(part, context.line_mm) }
          middles = Geos.create_geometry_collection(context.board.holes.map { |hole| point(hole.centre) })
          small.reject { |part| part.shape.intersects?(middles) }
        end

        # twice its area over the length of its edge is at least as wide as a disc that fits into it
        def thin?(part, width) = part.area * 2 / part.shape.length < width && part.shrunk(width / 2).empty?

        # @param place [Geometry::Point]  @return [Geos::Point]
        def point(place) = Geos.create_point(place.x, place.y)
      end
    end
  end
end
