# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # The outline of the piece that a mark covers, with what is to be trimmed.
      class PieceOutline < Line
        key "piece"
        listed 10
        title "The piece's outline"
        summary "It covers the piece. Lay edge on edge and trim what hangs over."
        cover

        # @see Line#call
        def call
          region = asked.region.call
          middle = region.box.centre
          outline, *holes = region.mapped(Geometry::Transform.move(-middle.x, -middle.y)).rings
          slits = asked.slits.to_a.map { |ends| ends.map { |point| (point - middle).to_a } }
          Cut.new(outline: outline, holes: holes, slits: slits)
        end
      end
    end
  end
end
