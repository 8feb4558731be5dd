# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # The standard apertures (4.4): each an outline about the origin and, perhaps, a hole: round, or in
      # older files a rectangle; rings in mm.
      module StandardShapes
        module_function

        # a circle
        def c(diameter, hole = 0, tall = nil) = [Outlines.circle(0, 0, diameter / 2.0), hole(hole, tall)]

        # a rectangle
        def r(width, height, hole = 0, tall = nil)
          [Outlines.box(-width / 2.0, -height / 2.0, width, height), hole(hole, tall)]
        end

        # a rectangle with its shorter sides round
        def o(width, height, hole = 0, tall = nil)
          half = (width - height).abs / 2.0
          outline = (width > height) ? Outlines.stroke(-half, 0, half, 0, height / 2.0) :
            Outlines.stroke(0, -half, 0, half, width / 2.0)
          [outline, hole(hole, tall)]
        end

        # a regular polygon
        def p(diameter, corners, turn = 0, hole = 0, tall = nil)
          raise ArgumentError unless corners.between?(3, 360)
          [Outlines.around(0, 0, diameter / 2.0, corners.to_i, turn * Math::PI / 180), hole(hole, tall)]
        end

        # @return [Array<Array<Float>>] rings, none or one
        def hole(width, tall)
          return [] unless width.positive?
          [tall ? Outlines.box(-width / 2.0, -tall / 2.0, width, tall) : Outlines.circle(0, 0, width / 2.0)]
        end
      end
    end
  end
end
