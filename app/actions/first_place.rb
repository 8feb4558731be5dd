# frozen_string_literal: true

module Actions
  # Where an artwork that has just been added lies, and how large it is.
  module FirstPlace
    module_function

    # @param mark [Mark]  @param cap_height_mm [Float, nil] of lettering that was given a height
    # @return [UpClose::Placing::Placement]
    # its own true size when that fits, else the largest that does, in whole tenths
    def call(mark, cap_height_mm)
      wanted = cap_height_mm ? cap_height_mm * mark.design.width_per_cap : mark.artwork.natural_width_mm
      middle = UpClose::Placing::Placement.new(width_mm: wanted || 10.0)
      return middle if cap_height_mm || (wanted && mark.room(middle).clearance >= mark.clearance_mm)
      width, at = largest_for(mark, middle)
      width = mark.shape_core.box.width / 2 unless width.positive?
      UpClose::Placing::Placement.new(
        width_mm: [(width * 10).floor / 10.0, 0.1].max,
        x_mm: at.x.round(3),
        y_mm: at.y.round(3)
      )
    end

    def largest_for(mark, middle)
      return in_ring(mark) if mark.piece.shape == "ring"
      mark.room(middle).largest_anywhere || mark.room(middle).largest_searched
    end

    # a mark begins above the hole, halfway to the rim
    def in_ring(mark)
      ring = UpClose::Surfaces.build("ring", mark.piece.measures.transform_keys(&:to_sym))
      at = UpClose::Geometry::Point.new(0, -(ring.radius + ring.hole) / 2)
      [mark.room(UpClose::Placing::Placement.new(width_mm: 1.0, x_mm: at.x, y_mm: at.y)).largest_here, at]
    end
  end
end
