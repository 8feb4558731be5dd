# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # A hole that goes through both sides must meet its pad on both.
      module BothSides
        LISTED = 80
        # pads this far from their hole are none of its, mm
        NEAR_MM = 1.0

        module_function

        # @param context [CheckContext]  @return [Array<Finding>]
        def call(context)
          return [] unless context.whole?
          board = context.board
          return [] if board.sides.size < 2 || board.holes.empty?
          pads = Board::SIDES.map { |side| pads(board.layer("copper", side)) }
          offs = board.holes.map { |hole| pads.map { |of| off(of, hole.centre) } }.select(&:all?)
          offs.empty? ? [] : [finding(offs.flatten.max, offs.size, board.holes.size)]
        end

        # @param worst [Float] mm  @param count [Integer] holes with a pad on both  @param all [Integer] holes
        # @return [Finding]
        def finding(worst, count, all)
          verdict = (worst > 0.1) ? :watch : :fine
          Finding.new(
            key: :both_sides, title: "Holes on both sides agree", verdict: verdict, figure: "#{count} of #{all}",
            value: worst, unit: "mm", limit: 0.1,
            reason: "Largest difference #{Working.number(worst, 3)} mm; #{all - count} have no pad on one side.",
            remedy: ("Are all files from one board, with the same origin?" unless verdict == :fine)
          )
        end

        # @return [Hash] middles of flashed pads by cell
        def pads(layer)
          layer.image.objects.select { |object| object.kind == :flash && object.polygons.any? }
            .map { |object| middle(object.polygons.first.first) }
            .group_by { |point| cell(point) }
        end

        # @param ring [Array<Float>]  @return [Geometry::Point]
        def middle(ring)
          xs, ys = ring.each_slice(2).to_a.transpose
          Geometry::Point[xs.minmax.sum / 2, -ys.minmax.sum / 2]
        end

        # @param point [Geometry::Point]  @return [Array(Integer, Integer)]
        def cell(point) = [(point.x / NEAR_MM).floor, (point.y / NEAR_MM).floor]

        # @param pads [Hash] as pads gives it  @param hole [Geometry::Point] its middle
        # @return [Float, nil] mm to the nearest pad; nil when none is near
        def off(pads, hole)
          column, row = cell(hole)
          near = (-1..1).flat_map { |dx| (-1..1).flat_map { |dy| pads[[column + dx, row + dy]] || [] } }
          near.map { |point| point.distance(hole) }.min&.then { |far| far if far <= NEAR_MM }
        end
      end
    end
  end
end
