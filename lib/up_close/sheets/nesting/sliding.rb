# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A shape that is moved along the axes, and how far it can be before it touches
      # another: the first touch of two outlines that are moved straight is always a
      # corner of one on a side of the other.
      class Sliding
        # apart by less than this they count as touching, mm
        TOUCH = 1e-7
        # One axis of a shape: its corners by where they lie across it, its sides likewise.
        Along = Struct.new(:across, :along, :sides)

        attr_reader :moved

        # @param rings [Array<Array<Array(Float, Float)>>] mm on the sheet
        def initialize(rings)
          @rings, @axes, @moved = rings, [nil, nil], [0.0, 0.0]
          @ranges = [0, 1].map { |axis| rings.flat_map { |ring| ring.map { |point| point[axis] } }.minmax }
        end

        # @param axis [Integer] 0 for x, 1 for y
        # @return [Float] mm, its least and its greatest
        def least(axis) = @ranges[axis][0] + @moved[axis]

        # @param axis [Integer] 0 or 1  @return [Float] mm
        def greatest(axis) = @ranges[axis][1] + @moved[axis]

        # @param axis [Integer] 0 or 1  @param by [Float] mm
        def move(axis, by) = @moved[axis] -= by

        # How far it can go towards nought before it touches the other.
        # @param most [Float] mm, as far as matters
        # @return [Float] at most +most+
        def clear(axis, other, most)
          return most unless in_the_way?(axis, other, most)
          [[most, touch(axis, other, 1, most)].min, touch(axis, other, -1, most)].min
        end

        # corners and sides along an axis
        def along(axis)
          @axes[axis] ||= begin
            corners = @rings.flatten(1).map { |point| [point[1 - axis], point[axis]] }.sort
            sides = @rings.flat_map do |ring|
              ring.each_index.map do |i|
                [ring[i - 1], ring[i]].map { |point| [point[1 - axis], point[axis]] }.sort.flatten
              end
            end
            Along.new(*corners.transpose, sides.reject { |from, _, to, _| from == to })
          end
        end

        private

        def in_the_way?(axis, other, most)
          across = 1 - axis
          other.least(across) <= greatest(across) && other.greatest(across) >= least(across) &&
            other.least(axis) <= greatest(axis) && other.greatest(axis) >= least(axis) - most
        end

        # way 1: own corners against the other's sides; -1: its corners against own sides
        def touch(axis, other, way, most)
          points, sides = (way == 1) ? [self, other] : [other, self]
          shift, lift = [1 - axis, axis].map { |k| sides.moved[k] - points.moved[k] }
          corners = points.along(axis)
          met(points, sides, axis, shift).reduce(most) { |least, side| nearest(corners, side, shift, lift, way, least) }
        end

        # sides that have corners before them
        def met(points, sides, axis, shift)
          first, last = points.along(axis).across.then { |across| [across.first - shift, across.last - shift] }
          sides.along(axis).sides.select { |from, _, to, _| to >= first && from <= last }
        end

        def nearest(corners, side, shift, lift, way, least)
          from, from_along, to, to_along = side
          across, along = corners.across, corners.along
          i = across.bsearch_index { |v| v >= from + shift } or return least
          lean = (to_along - from_along) / (to - from)
          while (distance = across[i]) && distance <= to + shift
            apart = way * (along[i] - lift - from_along - (distance - shift - from) * lean)
            least = apart if apart > -TOUCH && apart < least
            i += 1
          end
          least
        end
      end
    end
  end
end
