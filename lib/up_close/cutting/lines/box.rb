# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # Paper trimmed to a box whose edges meet lines on the piece.
      class Box < Line
        key "box"
        listed 10
        title "A box"
        summary "Two straight edges lie on two pencil lines."
        face_down

        # @see Line#call
        def call
          right, down = half
          ring([[-1, -1], [1, -1], [1, 1], [-1, 1]].map { |x, y| [x * right, y * down] })
        end
      end
    end
  end
end
