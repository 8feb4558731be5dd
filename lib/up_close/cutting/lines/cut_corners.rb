# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # A box whose corners are cut off at 45°, for where its corners would meet a wall.
      class CutCorners < Line
        key "cut-corners"
        listed 20
        title "A box, corners cut off at 45°"
        summary "Fits further into a round recess. Its edges still lie on the lines."
        figures :corner_mm
        face_down

        # @see Line#call
        def call
          right, down = half
          ring([
            [corner - right, -down], [right - corner, -down], [right, corner - down], [right, down - corner],
            [right - corner, down], [corner - right, down], [-right, down - corner], [-right, corner - down]
          ].uniq)
        end
      end
    end
  end
end
