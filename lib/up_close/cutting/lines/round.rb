# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # Round paper for a round piece or a round recess: the least circle about the middle that keeps its distance.
      class Round < Line
        key "round"
        listed 40
        title "Round"
        summary "For a round recess or a round rim."
        face_down
        CORNERS = 360

        # @see Line#call
        def call
          ring(Array.new(CORNERS) { |i|
            angle = 2 * Math::PI * i / CORNERS
            [radius * Math.cos(angle), radius * Math.sin(angle)]
          })
        end

        private

        # about the middle of the ink's box; chords leave the circle outwards
        def radius
          centre = asked.ink.box.centre
          scale = asked.width_mm / asked.ink.box.width
          reach = asked.ink.hull.map { |p| p.distance(centre) }.max * scale
          (reach + asked.around_mm) / Math.cos(Math::PI / CORNERS)
        end
      end
    end
  end
end
