# frozen_string_literal: true

module UpClose
  module Record
    # How long a window truly is here: of tries done early and late in it, which came out. Every length is weighed by
    # how well it tells them apart, begun at the starting value (Bayes' rule on a grid of lengths). Frozen.
    class LearnedWindow
      # fewer tries, or none late, say nothing
      LEAST = 8
      # the starting value is believed within this, as a standard deviation of its logarithm
      SPREAD = 0.55
      GRID = 81
      # a try beyond the window comes out so seldom; within it, as often as those early in it
      BEYOND = 0.25
      # how sudden its end is, as a share of it
      SOFT = 0.12

      attr_reader :method_key, :step, :starting_s, :latest_s, :spread, :tries

      # @param tries [Array<Array(Float, Boolean)>] seconds after what opens it, and whether it came out
      def initialize(method_key:, step:, starting_s:, tries:)
        @method_key, @step, @starting_s = method_key, step, starting_s.to_f
        @tries = tries.select { |after, _| after.positive? }
        weigh
        freeze
      end

      # @return [Boolean] whether enough was tried, near its end, to know better
      def known? = tries.size >= LEAST && tries.any? { |after, _| after > starting_s * 0.7 } && spread < SPREAD * 0.7

      # "22 min, from 14 tries of your own (starting value 60 min)"
      def words
        "#{span(latest_s)} from #{tries.size} tries of your own; #{span(starting_s)} is the starting value"
      end

      # @return [Working]
      def working
        good, lost = tries.partition(&:last)
        Working.new(
          "came out up to #{span(good.map(&:first).max || 0)}, failed from #{span(lost.map(&:first).min || 0)}: " \
          "#{span(latest_s)}, give or take #{(spread * 100).round} %", source: words
        )
      end

      private

      def weigh
        lengths = Array.new(GRID) { |i| starting_s * Math.exp(3 * SPREAD * (2.0 * i / (GRID - 1) - 1)) }
        logs = lengths.map do |length|
          within = usual(length)
          prior(length) + tries.sum { |after, good| Math.log(likely(length, after, good, within)) }
        end
        top = logs.max
        weights = logs.map { |log| Math.exp(log - top) }
        whole = weights.sum
        mean = lengths.zip(weights).sum { |length, weight| Math.log(length) * weight } / whole
        @latest_s = Math.exp(mean)
        @spread = Math.sqrt(lengths.zip(weights).sum { |length, weight| (Math.log(length) - mean)**2 * weight } / whole)
      end

      def prior(length) = -(Math.log(length / starting_s) / SPREAD)**2 / 2

      def likely(length, after, good, within)
        inside = 1 / (1 + Math.exp(((after - length) / (SOFT * length)).clamp(-40, 40)))
        chance = BEYOND + (within - BEYOND) * inside
        good ? chance : 1 - chance
      end

      # how often those well within it came out
      def usual(length)
        early = tries.select { |after, _| after < length * 0.8 }
        ((early.count(&:last) + 3.2) / (early.size + 4.0)).clamp(BEYOND + 0.1, 0.98)
      end

      def span(seconds)
        if seconds < 90
          "#{seconds.round} s"
        else
          "#{Working.number(seconds / 60.0, (seconds < 600) ? 1 : 0)} min"
        end
      end
    end
  end
end
