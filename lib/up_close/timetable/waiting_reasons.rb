# frozen_string_literal: true

module UpClose
  module Timetable
    # What a step waited for: part of Planner.
    module WaitingReasons
      private

      # what a step waited for, and how long
      # @return [Array(Array(Symbol, Object), Numeric)]
      def why(chain, entry, asked, ready, shifted)
        waited = entry.from - asked
        return [[:follows, nil], 0] if waited < 1
        return [[:window_ahead, shifted.find(&:latest_s)&.title || shifted.last.title], waited] if shifted
        return [[:together, nil], waited] if together?(chain, entry)
        return [[:opens, entry.step.after], waited] if entry.from - ready < 1
        return [[:place, Planner::PLACES[entry.step.place]], waited] if entry.step.wait?
        [
          [(@own.for(chain).earliest(ready, entry.pieces.first.length) == entry.from) ? :hours : :busy, nil],
          waited
        ]
      end

      # held for what goes into the oven with it, or gone in with what was waited for
      def together?(chain, entry)
        @held[[chain.id, entry.step.key]] == entry.from ||
          (entry.step.place == :oven && @places[:oven].begins_at?(entry.from))
      end
    end
  end
end
