# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # An arc as chords: from one place to another round a centre (4.7.2, 8.1.10).
      class Arc
        CHORD_MM = 0.001
        MOST_CHORDS = 4_000

        # @param clockwise [Boolean]  @param single [Boolean] single-quadrant mode: at most 90°, offsets without sign
        # @param from [Array(Float, Float)]  @param to [Array(Float, Float)]  @param offset [Array(Float, Float)]
        def initialize(from, to, offset, clockwise:, single:)
          @from, @to, @clockwise, @single = from, to, clockwise, single
          @centre = single ? nearest(offset) : [from[0] + offset[0], from[1] + offset[1]]
        end

        # @return [Array<Array(Float, Float)>] without the first place, with the last
        def points
          first, last = distance(@from), distance(@to)
          return [@to] if first.zero? || last.zero?
          count = chords([first, last].max)
          begun = angle(@from)
          (1...count).map { |i| at(begun + sweep * i / count, first + (last - first) * i / count) } << @to
        end

        # radians, signed; a whole turn where both ends are one, but none in single-quadrant mode
        def sweep
          @sweep ||= begin
            turn = angle(@to) - angle(@from)
            turn = -turn if @clockwise
            turn %= 2 * Math::PI
            turn = (@single ? 0.0 : 2 * Math::PI) if turn < Tolerance::ROUNDING || same_place?
            @clockwise ? -turn : turn
          end
        end

        private

        def same_place? = Math.hypot(@to[0] - @from[0], @to[1] - @from[1]) < Tolerance::ROUNDING

        def distance(place) = Math.hypot(place[0] - @centre[0], place[1] - @centre[1])

        def angle(place) = Math.atan2(place[1] - @centre[1], place[0] - @centre[0])

        def at(angle, radius) = [@centre[0] + radius * Math.cos(angle), @centre[1] + radius * Math.sin(angle)]

        def chords(radius)
          widest = 2 * Math.acos([1 - CHORD_MM / radius, 0.0].max)
          (sweep.abs / widest).ceil.clamp(1, MOST_CHORDS)
        end

        # of four centres the one from which both ends are equally far and at most 90° apart
        def nearest(offset)
          signs = [[1, 1], [1, -1], [-1, 1], [-1, -1]]
          centres = signs.map { |i, j| [@from[0] + i * offset[0].abs, @from[1] + j * offset[1].abs] }
          centres.min_by do |centre|
            @centre, @sweep = centre, nil
            [(sweep.abs > Math::PI / 2 + 1e-3) ? 1 : 0, (distance(@from) - distance(@to)).abs]
          end.tap { @sweep = nil }
        end
      end
    end
  end
end
