# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Takes out what cells are too coarse for: each part of a sheet is moved up, and
      # then to the left, exactly as far as the rules allow, from the top one down.
      class Compaction
        # sheets of which less used is better: leftovers, and the last fresh one
        # @param layout [Layout]
        # @return [Layout]
        def self.all(layout, room)
          whole = layout.fresh[..-2]
          Layout.new(
            layout.sheets.map { |sheet| (whole.any? { |kept| kept.equal?(sheet) }) ? sheet : new(sheet, room).call },
            layout.unplaced
          )
        end

        ROUNDS = 2
        # at most so far at once, and what stays between parts so that no rounding breaks a gap, mm
        AT_ONCE = 4.0
        CLEAR = 1e-6

        # @param sheet [Layout::Sheet]  @param room [CellRules]
        def initialize(sheet, room)
          @sheet, @room = sheet, room
        end

        # @return [Layout::Sheet]
        def call
          ROUNDS.times { settle }
          placements = @sheet.placements.zip(sliding).map do |place, slid|
            Layout::Placement.new(place.part, place.copy, place.x + slid.moved[0], place.y + slid.moved[1], place.turn)
          end
          Layout::Sheet.new(
            @sheet.blank,
            placements,
            placements.map { |place| place.ring(place.part.outline).map(&:last).max }.max
          )
        end

        private

        def settle
          [1, 0].each { |axis| sliding.sort_by { |body| body.least(axis) }.each { |body| slide(body, axis) } }
        end

        def slide(body, axis)
          most = [body.least(axis) - edge(axis), AT_ONCE].min
          free = others(body).reduce(most + CLEAR) { |least, other| body.clear(axis, other, least) } - CLEAR
          body.move(axis, free) if free.positive?
        end

        def edge(axis) = axis.zero? ? @room.left : @room.top

        def others(body) = [*sliding.reject { |other| other.equal?(body) }, *gone]

        def sliding
          @sliding ||= @sheet.placements.map { |place| Sliding.new(grown(place.part).map { |ring| place.ring(ring) }) }
        end

        def grown(part) = (@grown ||= {}.compare_by_identity)[part] ||= @room.truly_grown(part)

        def gone
          @gone ||= @sheet.blank.used.map { |ring| Sliding.new(@room.grown_ring(ring, chords: CellRules::TRUE_CHORDS)) }
        end
      end
    end
  end
end
