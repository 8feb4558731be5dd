# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # Joins stretches whose ends meet, whichever way round they were drawn.
      module Chains
        module_function

        # @param pieces [Array<Array<Point>>]
        # @return [Array<Array<Point>>]
        def call(pieces, near)
          left = pieces.dup
          done = []
          until left.empty?
            chain = left.shift
            while chain.first.distance(chain.last) > near &&
                (index = left.index { |piece| meets?(piece, chain.last, near) })
              piece = left.delete_at(index)
              piece = piece.reverse if piece.first.distance(chain.last) > near
              chain += piece.drop(1)
            end
            done << chain
          end
          done
        end

        # @param near [Float] the drawing's units  @return [Boolean]
        def meets?(piece, point, near) = piece.first.distance(point) <= near || piece.last.distance(point) <= near
      end
    end
  end
end
