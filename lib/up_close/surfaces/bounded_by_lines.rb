# frozen_string_literal: true

module UpClose
  module Surfaces
    # A shape whose edge is straight all round, as +planes+: outward normals and
    # how far out each lies.
    module BoundedByLines
      # each corner of the outline runs to the nearest line, moved in by the clearance
      def growth(outline, place, clearance)
        within = planes.map { |normal, distance| [normal, distance - clearance] }
        grown(outline) { |way| Geometry::Rays.leaves_planes(place, way, within) } if inside_distance(place) > clearance
      end
    end
  end
end
