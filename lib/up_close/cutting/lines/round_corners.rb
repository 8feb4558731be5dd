# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # A box with round corners.
      class RoundCorners < Line
        key "round-corners"
        listed 30
        title "A box, corners rounded"
        summary "Does not catch on a thumb or a burnisher. Its edges still lie on the lines."
        figures :corner_mm
        face_down

        # @see Line#call
        def call
          right, down = half
          inner = Geometry::Region.box(
            Geometry::Box.new(x: corner - right, y: corner - down, width: 2 * (right - corner) + Tolerance::ROUNDING,
              height: 2 * (down - corner) + Tolerance::ROUNDING)
          )
          ring(Geometry::Region.new(inner.shape.buffer(corner, quad_segs: Geometry::Region::FINE_QUARTER)).rings.first)
        end
      end
    end
  end
end
