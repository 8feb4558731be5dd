# frozen_string_literal: true

module Actions
  # Where an artwork that has just been added lies, and how large it is: as a maker would begin.
  module FirstPlace
    # words begin at so much of the piece's width
    WORDS_SHARE = 1 / 3.0
    # what is seen of a wall at one glance, degrees; and the band below a rim that food or lips touch, mm (handbook,
    # “Methods”): starting values
    GLANCE_DEG = 2 * UpClose::Surfaces::Curved::GLANCE_DEG
    LIP_MM = 12.0
    LIP_USE = "food"

    module_function

    # @param mark [Mark]  @param cap_height_mm [Float, nil] of lettering that was given a height
    # @return [UpClose::Placing::Placement]
    # its own true size when that fits, else words at a third of the piece, else the largest that fits, in whole tenths
    def call(mark, cap_height_mm)
      wanted = cap_height_mm ? cap_height_mm * mark.design.width_per_cap : mark.artwork.natural_width_mm
      middle = UpClose::Placing::Placement.new(width_mm: wanted || 10.0)
      return off_lip(mark, middle) if cap_height_mm || (wanted && mark.room(middle).clearance >= mark.clearance_mm)
      width, centre = largest_for(mark, middle)
      width = mark.shape_core.box.width / 2 unless width.positive?
      off_lip(mark, UpClose::Placing::Placement.new(
        width_mm: [([width, *at_most(mark)].min * 10).floor / 10.0, 0.1].max,
        x_mm: centre.x.round(3),
        y_mm: centre.y.round(3)
      ))
    end

    # @return [Array<Float>] mm
    def at_most(mark)
      shape = mark.shape_core
      once = UpClose::Register::Wall.new(shape).then { |wall| wall.girth(wall.long / 2) } if wall?(shape)
      words = (once || shape.box.width) * WORDS_SHARE if mark.artwork.lettering?
      [words, once && once * GLANCE_DEG / 360].compact
    end

    # below the band that lips touch, where there is room for it
    def off_lip(mark, placement)
      shape = mark.shape_core
      return placement unless wall?(shape) && mark.piece.uses.include?(LIP_USE)
      wall = UpClose::Register::Wall.new(shape)
      half = placement.width_mm * mark.design.aspect / 2
      least = LIP_MM + half
      return placement if least + half > wall.long || wall.place(placement.centre).last >= least
      down = wall.flat(wall.place(placement.centre).first + 0.5, least)
      placement.with(x_mm: down.x.round(3), y_mm: down.y.round(3))
    end

    def wall?(shape) = UpClose::Register::Wall.for?(shape)

    def largest_for(mark, middle)
      return in_ring(mark) if mark.piece.shape == "ring"
      mark.room(middle).largest_anywhere || mark.room(middle).largest_searched
    end

    # a mark begins above the hole, halfway to the rim
    def in_ring(mark)
      ring = UpClose::Surfaces.build("ring", mark.piece.measures.transform_keys(&:to_sym))
      centre = UpClose::Geometry::Point.new(0, -(ring.radius + ring.hole) / 2)
      [mark.room(UpClose::Placing::Placement.new(width_mm: 1.0, x_mm: centre.x, y_mm: centre.y)).largest_here, centre]
    end
  end
end
