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

        # @param name [Symbol] :ready (nothing to wait for), :early, :open, :best, :closing, :late, :over (waited too long), :done
        def initialize(step:, index:, name:, opens_at: nil, closes_at: nil, best_at: nil)
          @step, @index, @name, @opens_at, @closes_at, @best_at = step, index, name, opens_at, closes_at, best_at
          freeze
        end

        def late? = name == :late || name == :over

        def early? = name == :early
      end

      # the last fifth of a window, a minute at least where there is one, is its closing
      CLOSING_SHARE = 0.2

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
        State.new(step: step, index: place, name: name(step, now, opens, closes, best), opens_at: opens, closes_at: closes, best_at: best)
      end

      # when all will be done, if every step from now on takes its least time
      # @return [Numeric]
      def ready_at(now)
        place = index
        return @done_at.values.max unless place
        LeastTime.ready_at(@steps.drop(place), from: came_at(place), done: @done_at, now: now)
      end

      private

      def opening(step, place)
        return came_at(place) + step.least_s if step.wait?
        step.earliest_s && anchor(step, place) + step.earliest_s
      end

      def closing(step, place)
        return step.most_s && came_at(place) + step.most_s if step.wait?
        step.latest_s && anchor(step, place) + step.latest_s
      end

      def anchor(step, place) = @done_at.fetch(step.after, came_at(place))

      def name(step, now, opens, closes, best)
        return :early if opens && now < opens
        return step.wait? ? :over : :late if closes && now > closes
        return :closing if closes && closes - now < [(closes - (opens || now)) * CLOSING_SHARE, 60].min
        return :ready unless opens || closes
        (best && now >= best) ? :best : :open
      end
    end
  end
end
