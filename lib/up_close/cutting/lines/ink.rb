# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # Along the ink itself, at an exact distance, as a knife can follow.
      class Ink < Line
        key "ink"
        listed 20
        title "Along its ink"
        summary "The least film: cut close (0.5 mm) or with a border (3 mm)."
        figures :around_mm, :least_radius_mm, :blade_mm
        follows_ink

        # @see Line#call
        # @raise [Errors::BadArtwork] where nothing is laid
        def call
          region = followed.region.mapped(Geometry::Transform.move(-asked.width_mm / 2, -asked.height_mm / 2))
          outline, *holes = region.rings
          Cut.new(
            outline: outline, holes: holes, joined: followed.joined, bridged_mm: followed.bridged_mm,
            closed: followed.closed
          )
        end

        private

        def followed
          @followed ||= Followed.new(
            asked.region.call, around_mm: asked.around_mm, least_radius_mm: asked.least_radius_mm,
            blade_mm: asked.blade_mm
          )
        end
      end
    end
  end
end
