# frozen_string_literal: true

module UpClose
  module Formats
    # From an artwork's ink to its place on a page.
    module Map
      module_function

      # @param from [Geometry::Box] the ink's box, artwork units
      # @param to [Geometry::Box] its box on the page, mm
      # @param mirrored [Boolean] turned about its own upright middle
      # @return [Geometry::Transform]
      def call(from, to, mirrored:)
        scale = to.width / from.width
        flip = mirrored ? -1 : 1
        Geometry::Transform.move(-from.centre.x, -from.centre.y).then(Geometry::Transform.scale(scale * flip, scale))
          .then(Geometry::Transform.move(to.centre.x, to.centre.y))
      end
    end
  end
end
