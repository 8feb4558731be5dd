# frozen_string_literal: true

module Actions
  # The last plan that was laid. A small shop's is laid with the page, when anything changed or a minute has gone
  # by; a large one's goes on being laid beside the pages, which show the last one meanwhile and say how old it is.
  class LaidPlan
    # @!attribute chains [Array<UpClose::Timetable::TaskChain>]  @!attribute plan [UpClose::Timetable::Plan]
    # @!attribute at [Time] laid then  @!attribute stamp [Array, nil] of what it was laid from; nil when not kept
    Laid = UpClose::Value.define(:chains, :plan, :at, :stamp)

    # a plan of so many marks is laid at once, with the page
    AT_ONCE = 40
    # so long a plan of a small shop holds for "now": moments are told by the minute
    SLOT_S = 60
    # as old, a plan of a large shop is laid again
    FRESH_S = 60
    # how long a page waits for a shop's first plan
    PATIENCE_S = 1.0

    # pages come before the plan that is laid beside them
    BEHIND = -3

    TASKS = Shelves::BackgroundTasks.new
    LOCK = Mutex.new
    # plans of small shops, and what was worked out from a plan for one mark
    KEPT, ANSWERS = Shelves::LruCache.new(most: 4), Shelves::LruCache.new(most: 400)

    class << self
      # @param now [Time]  @param marks [Hash{Integer => Mark}] to be planned, by id
      # @yieldparam marks [Hash{Integer => Mark}]  @yieldreturn [Array(Array<TaskChain>, Plan)]
      # @return [Laid]
      def fetch(now, marks, &lay)
        return KEPT.fetch([marks.keys, stamp, now.to_i / SLOT_S]) { laid(now, marks, &lay) } if marks.size <= AT_ONCE
        known = LOCK.synchronize { @last }
        begin_anew(now, &lay) unless known && fresh?(known, now)
        known || first_one(now)
      end

      # what is worked out from a plan, once for as long as it holds
      # @param laid [Laid]  @param asked [Array] a mark and what is asked of it
      def answer(laid, *asked) = ANSWERS.fetch([laid.object_id, *asked]) { [yield] }.first

      def forget = LOCK.synchronize { @last = nil }

      private

      def laid(now, marks) = Laid.new(*yield(marks), now, nil)

      def begin_anew(now)
        TASKS.start(:plan) do
          Thread.current.priority = BEHIND
          # what changes while it is laid makes it old
          from = stamp
          laid = Laid.new(*yield(PlanWork.open_marks(now)), now, from)
          LOCK.synchronize { @last = laid }
        end
      end

      def first_one(now)
        TASKS[:plan]&.thread&.join(PATIENCE_S)
        LOCK.synchronize { @last } || Laid.new([], UpClose::Timetable::Plan.new([], []), now, nil)
      end

      def fresh?(known, now) = (now - known.at).between?(0, FRESH_S) && known.stamp == stamp

      # all that a plan depends on
      def stamp = ChangeCount.counts
    end
  end
end
