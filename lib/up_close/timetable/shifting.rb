# frozen_string_literal: true

module UpClose
  module Timetable
    # A block of steps begun later and later, until every window in it holds: part of Planner.
    module Shifting
      MOST_SHIFTS = 500
      GIVE_UP_S = 60 * 86_400
      NUDGE_S = 60

      private

      # begun later and later, until every window in it holds
      def block_placed(chain, steps, moment, ends)
        begun = moment
        MOST_SHIFTS.times do
          entries = in_turn(chain, steps, begun, ends, moment)
          return entries if entries.is_a?(Plan::Problem)
          over, limit, anchor = entries.each_with_index.filter_map { |entry, i| overrun(entry, i, entries, ends) }.first
          return entries unless over
          return Problems.missed(chain, over.step) if anchor.nil?
          begun = later(chain, steps, entries, [begun, over.from - limit], anchor, ends, moment)
          break if begun > moment + GIVE_UP_S
        end
        Problems.no_stretch(chain, steps)
      end

      # The soonest beginning that brings what opens the window late enough: what
      # opens it never ends earlier for a later beginning, so halving finds it.
      def later(chain, steps, entries, (begun, by), anchor, ends, asked)
        wanted = entries[anchor].to + by
        opened = ->(moment) { ended(chain, steps.first(anchor + 1), moment, ends, asked) }
        low, high = [entries.first.from, begun].max, [entries.first.from, begun].max + by
        return high if opened[high] < wanted
        while high - low > NUDGE_S
          middle = (low + high) / 2
          (opened[middle] >= wanted) ? high = middle : low = middle
        end
        high
      end

      # @return [Numeric] when the last of these steps ends; infinity where they do not go
      def ended(chain, steps, begun, ends, asked)
        entries = in_turn(chain, steps, begun, ends, asked)
        entries.is_a?(Plan::Problem) ? Float::INFINITY : entries.last.to
      end

      # @return [Array(Entry, Numeric, Integer), nil] what comes too late, the latest it might, and which of the block
      #   opens its window; nil: done already
      def overrun(entry, place, entries, ends)
        before = place.positive? ? entries[place - 1] : nil
        limits = []
        if entry.step.latest_s
          anchor = entries.index { |e| e.step.key == entry.step.after }
          opened = anchor ? entries[anchor].to : ends[entry.step.after]
          limits << [opened + entry.step.latest_s, anchor] if opened
        end
        limits << [before.from + before.step.most_s, place - 1] if before&.step&.shut?
        limit, anchor = limits.min_by(&:first)
        [entry, limit, anchor] if limit && entry.from > limit + Tolerance::SLIGHT
      end
    end
  end
end
