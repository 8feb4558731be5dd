# frozen_string_literal: true

module UpClose
  module Cutting
    # What a line to cut along is worked out from. Lengths in mm.
    # +ink+ [Artwork::Ink]; +width_mm+ of its box; +around_mm+ kept round the ink; +least_radius_mm+ that a knife can
    # follow; +blade_mm+ across which a hole must hold a circle to be cut out; +corner_mm+ cut off or rounded;
    # +slits+ [Array, nil] pairs of points on the piece, where film is to close up;
    # +region+ [Proc] → Geometry::Region of the ink at this size, its box's top left the origin; nil: not asked.
    Asked = Value.define(
      :ink, :width_mm, :around_mm, :least_radius_mm, :blade_mm, :corner_mm, :region, :slits, keyword_init: true
    ) do
      def height_mm = width_mm * ink.aspect
    end
  end
end
