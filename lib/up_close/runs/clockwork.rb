# frozen_string_literal: true

module UpClose
  module Runs
    # Reads a run's stored moments against a given now. Nothing is counted down:
    # the same moments and the same now always give the same answer.
    # All moments are seconds since an epoch of the caller's choosing.
    class Clockwork
      # What the step at hand is doing. Frozen.
      class State
        attr_reader :step, :index, :name, :opens_at, :closes_at, :best_at

        # @param name [Symbol] :ready (nothing to wait for), :early, :open,
        #   :best, :closing, :late, :over (waited too long), :done
        def initialize(step:, index:, name:, opens_at: nil, closes_at: nil, best_at: nil)
          @step, @index, @name, @opens_at, @closes_at, @best_at = step, index, name, opens_at, closes_at, best_at
          freeze
        end

        def late? = name == :late || name == :over

        def early? = name == :early
      end

      # Where a state begins: at +at+, or just after it when +strict+; nil: from the first. Frozen.
      Turn = Value.define(:name, :at, :strict) do
        # @param now [Numeric]  @return [Boolean]
        def begun?(now) = at.nil? || (strict ? now > at : now >= at)
      end

      # the last fifth of a window, a minute at most, is its closing
      CLOSING_SHARE = 0.2
      MOST_CLOSING_S = 60

      # @param steps [Array<Methods::Step>]
      # @param began_at [Numeric] when the run was started
      # @param done_at [Hash{String => Numeric}] step key → when it was done
      def initialize(steps:, began_at:, done_at:)
        @steps, @began_at, @done_at = steps, began_at, done_at
      end

      # @return [Integer, nil] place of the step at hand; nil when all are done
      def index = @steps.index { |step| !@done_at.key?(step.key) }

      def finished? = index.nil?

      # when the step at +place+ came to hand
      def came_at(place) = place.zero? ? @began_at : @done_at.fetch(@steps[place - 1].key, @began_at)

      # @param now [Numeric]
      # @return [State]
      def state(now)
        place = index
        return State.new(step: nil, index: @steps.size, name: :done) unless place
        step = @steps[place]
        opens, closes = opening(step, place), closing(step, place)
        best = step.best_s && anchor(step, place) + step.best_s
        State.new(step: step, index: place, name: name(place, now), opens_at: opens, closes_at: closes, best_at: best)
      end

      # The states that the step at hand goes through, in their order.
      # @return [Array<Turn>] none when all is done
      def turns = index ? turns_of(index) : []

      # When all is done and dry, if every step from now on takes its least time. What has been
      # ended before its time is still not ready: its true moment stays.
      # @return [Numeric]
      def ready_at(now)
        place = index
        done = place ? LeastTime.ready_at(
          @steps.drop(place),
          from: came_at(place),
          done: @done_at,
          now: now
        ) : @done_at.values.max
        [done, *moments(now).values].max
      end

      # When it can be touched, coated again, handled, and is cured: from the last wait that says so.
      # @return [Hash{Symbol => Numeric}] by Methods::Step::MOMENTS; empty when no step says
      def moments(now)
        place = @steps.rindex(&:moments) or return {}
        from = begins_at(place, now)
        @steps[place].moments.transform_values { |seconds| from + seconds }
      end

      private

      # when both its own length and a window hold it back, the later of the two
      def opening(step, place)
        [(came_at(place) + step.least_s if step.wait?), (anchor(step, place) + step.earliest_s if step.earliest_s)]
          .compact
          .max
      end

      # when both end it, the sooner
      def closing(step, place)
        [
          (came_at(place) + step.most_s if step.wait? && step.most_s),
          (anchor(step, place) + step.latest_s if step.latest_s)
        ]
          .compact
          .min
      end

      def anchor(step, place) = @done_at.fetch(step.after, came_at(place))

      # when a step came to hand, or will at the soonest
      def begins_at(place, now)
        here = index
        return came_at(place) if here.nil? || here >= place
        LeastTime.ready_at(@steps[here...place], from: came_at(here), done: @done_at, now: now)
      end

      def turns_of(place)
        step = @steps[place]
        opens, closes = opening(step, place), closing(step, place)
        best = step.best_s && anchor(step, place) + step.best_s
        begun = opens || anchor(step, place)
        [
          (Turn.new(:early) if opens),
          Turn.new((opens || closes) ? :open : :ready, opens),
          (Turn.new(:best, best) if best),
          (Turn.new(:closing, closing_from(begun, closes), true) if closes),
          (Turn.new(step.wait? ? :over : :late, closes, true) if closes)
        ].compact
      end

      def closing_from(begun, closes) = closes - [(closes - begun) * CLOSING_SHARE, MOST_CLOSING_S].min

      def name(place, now) = turns_of(place).reverse.find { |turn| turn.begun?(now) }.name
    end
  end
end
