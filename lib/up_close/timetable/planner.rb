# frozen_string_literal: true

module UpClose
  module Timetable
    # Lays marks' steps into a maker's hours: one mark after the other, each block of
    # steps that windows tie together as soon as it goes in whole (serial schedule
    # generation, Kolisch 1996), in several orders of the marks; the best is kept.
    class Planner
      include Shifting
      include WaitingReasons
      include TakingOver

      PLACES = {oven: "the oven", press: "the iron or press", drying: "the drying place"}.freeze
      # copies on the oven's tray, marks in the press, copies that dry at once
      START_HOLDS = {oven: 12, press: 1, drying: 24}.freeze
      # a latest beginning is found to within this
      WITHIN_S = 15

      # @param hours [Hours]  @param from [Numeric] now  @param holds [Hash{Symbol => Integer}]
      # @param busy [Plan, nil] what stays where it is
      # @param staying [Numeric, nil] till when the maker stays at the bench for what is under way, whatever the hours
      def initialize(hours, from:, holds: {}, busy: nil, staying: nil)
        @hours, @from, @holds, @busy, @staying = hours, from, START_HOLDS.merge(holds), busy, staying
        @spans = [hours.spans(from), *([hours.spans(from, staying: staying)] if staying)]
        @own = Calendar.new(*@spans)
      end

      # @param chains [Array<TaskChain>]
      # @return [Plan]
      def call(chains)
        best, order = Orders.call(chains).map { |list| [laid(list), list] }.min_by { |plan, _| plan.cost(chains) }
        best ? Batching.new(self, chains).call(best, order) : Plan.new([], [])
      end

      # The latest moment a mark can be begun and still be ready for its date, all
      # others being where they are: halving between now and its date.
      # @return [Plan, nil] it alone, begun that late; nil when it is too late already
      def latest(chain, others)
        return unless chain.due
        beside = Planner.new(@hours, from: @from, holds: @holds, busy: others, staying: @staying)
        low, high = @from, chain.due
        return unless beside.in_time(chain, low)
        while high - low > WITHIN_S
          middle = (low + high) / 2.0
          beside.in_time(chain, middle) ? low = middle : high = middle
        end
        beside.in_time(chain, low)
      end

      # @param moment [Numeric] when it is begun
      # @return [Plan, nil] it alone; nil where it is not ready for its date
      def in_time(chain, moment)
        plan = laid([chain.with(from: moment)])
        plan if plan.problems.empty? && plan.ready(chain) <= chain.due
      end

      # One order, as it comes: a mark each time one of its blocks is laid; one named
      # once is laid whole.
      # @param order [Array<TaskChain>]  @param held [Hash{Array(Object, String) => Numeric}] mark and step → not before
      # @return [Plan]
      def laid(order, held: {})
        @held = held
        begin_anew
        order.tally.each_key do |chain|
          @state[chain.id] = State.new(0, [chain.from || @from, @from].max, chain.ends.dup, [])
        end
        whole = order.uniq.size == order.size
        whole ? lay_whole(order) : order.each { |chain| lay(chain) }
        failed = @problems.map(&:chain)
        Plan.new(
          order.uniq.reject { |chain| failed.include?(chain) }.flat_map { |chain| @state[chain.id].entries },
          @problems
        )
      end

      # What a step takes of its place: what goes round the oven more than once fills it every time.
      # @return [Integer]
      def need(chain, step)
        case step.place
        when :drying then step.number || chain.copies
        when :oven then (step.number || chain.copies).clamp(1, [@holds[:oven], 1].max)
        else 1
        end
      end

      # @param place [Symbol] a key of PLACES
      # @return [Integer]
      def holds(place) = @holds[place]

      # how far a mark has come while one order is laid
      State = Struct.new(:block, :at, :ends, :entries)

      private

      def begin_anew
        @hands, @places = at_first.then { |hands, places| [hands.dup, places.transform_values(&:dup)] }
        @state, @problems = {}, []
      end

      # hands and places with what stays where it is
      def at_first
        @at_first ||= begin
          @hands, @places =
            Calendar.new(*@spans), PLACES.keys.to_h { |key| [key, ((key == :oven) ? Oven : Resource).new(@holds[key])] }
          @busy&.entries&.each { |entry| book(entry) }
          [@hands, @places]
        end
      end

      # a mark's next block
      def lay(chain)
        state = @state[chain.id]
        return if state.block.nil?
        placed = block_placed(chain, chain.steps.values_at(*chain.blocks[state.block]), state.at, state.ends)
        return give_up(placed, state) if placed.is_a?(Plan::Problem)
        placed.each { |entry| book(entry) && state.ends[entry.step.key] = entry.to }
        state.entries.concat(placed)
        state.at = placed.last.to
        state.block = (state.block + 1 < chain.blocks.size) ? state.block + 1 : nil
      end

      def give_up(problem, state)
        @problems << problem
        state.block = nil
      end

      def book(entry)
        entry.pieces.each { |interval| @hands.book(entry.chain, interval) } if entry.hands?
        if entry.step.place
          @places[entry.step.place]&.book(entry.from, entry.to, need(entry.chain, entry.step), entry.step.temperature_c)
        end
        true
      end

      # one after the other, each as soon as it goes
      def in_turn(chain, steps, begun, ends, asked)
        moment, own = begun, ends.dup
        entries = []
        steps.each_with_index do |step, i|
          opens = opening(step, own)
          ready = [moment, opens || moment, @held[[chain.id, step.key]] || moment].max
          # what does not follow at once wants a hand to begin it
          ready = @hands.for(chain).earliest(ready, 0) || ready if i.zero? && begun > asked
          entry = step.wait? ? waiting(chain, step, ready) : by_hand(chain, step, ready, steps.size > 1)
          return entry if entry.is_a?(Plan::Problem)
          entry.why, entry.waited_s = why(
            chain,
            entry,
            i.zero? ? asked : moment,
            ready,
            (i.zero? && begun > asked) ? steps : nil
          )
          entries << entry
          own[step.key] = moment = entry.to
        end
        entries
      end

      def opening(step, ends) = step.earliest_s && ends[step.after] && ends[step.after] + step.earliest_s

      def waiting(chain, step, ready)
        need = need(chain, step)
        holds = step.place && @places[step.place].holds
        return Problems.too_small(chain, step, need, holds) if holds && need > holds
        from = step.place ? @places[step.place].earliest(ready, step.least_s, need, step.temperature_c) : ready
        Plan::Entry.new(chain: chain, step: step, from: from, to: from + step.least_s, pieces: [])
      end

      def by_hand(chain, step, ready, tied)
        long = step.least_s > @hours.longest_s
        return Problems.in_one_go(chain, step, @hours.longest_s) if long && tied
        pieces = long ? @hands.for(chain).pieces(ready, step.least_s) : in_one_go(chain, step, ready)
        return Problems.no_time(chain, step) unless pieces&.any?
        Plan::Entry.new(chain: chain, step: step, from: pieces.first.from, to: pieces.last.to, pieces: pieces)
      end

      # @return [Array<Interval>, nil] the one that it takes
      def in_one_go(chain, step, ready)
        from = free(chain, step, ready) or return
        [Interval.new(from, from + step.least_s)]
      end

      # when a hand is free for it, and its place as well
      def free(chain, step, ready)
        while (moment = @hands.for(chain).earliest(ready, step.least_s)) && step.place
          ready = @places[step.place].earliest(moment, step.least_s, need(chain, step), step.temperature_c)
          return moment if ready == moment
        end
        moment
      end
    end
  end
end
