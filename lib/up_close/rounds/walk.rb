# frozen_string_literal: true

module UpClose
  module Rounds
    # A run under way, piece by piece: which round is at hand, the maker's own pace, and how many more can be
    # laid before what is wet has dried. Reads the run's steps and the moments they were done; counts nothing
    # down. Moments are seconds since an epoch of the caller's choosing. Frozen.
    class Walk
      # rounds that must have been walked before their pace counts
      LEAST_ROUNDS = 2
      # a round so many times as long as planned held a break
      BREAK = 3.0
      # a pace is believed within these bounds of what was planned
      BELIEVED = (0.2..BREAK)

      # @param steps [Array<Methods::Step>] written out  @param began_at [Numeric]
      # @param done_at [Hash{String => Numeric}] step key → when it was done
      def initialize(steps:, began_at:, done_at:)
        @steps, @began_at, @done_at = steps, began_at, done_at
        @index = steps.index { |step| !done_at.key?(step.key) }
        freeze
      end

      # @return [Methods::Step, nil] the step at hand
      def step = @index && @steps[@index]

      # @return [Boolean] whether it belongs to a round of several
      def round? = !step&.turn.nil?

      # the steps of the round at hand
      # @return [Array<Methods::Step>]
      def round_steps = @steps.select { |other| same_round?(other, step) }

      # @return [Integer] which of them is at hand, from 1
      def place_in_round = round_steps.index(step) + 1

      # pieces in this kind of round, and how far each has come
      # @return [Array<Array(Integer, Symbol)>] number and :done, :here or :ahead
      def turns
        @steps.select { |other| other.round == step.round && other.turn }.group_by(&:turn).sort.map do |turn, list|
          state = if list.all? { |step| @done_at.key?(step.key) }
            :done
          else
            (turn == step.turn) ? :here : :ahead
          end
          [turn, state]
        end
      end

      # @return [Float, nil] how the maker's rounds compare with what was planned; nil before there are enough
      def pace_factor
        shares = walked.map { |took, planned| took / planned }.select { |share| BELIEVED.cover?(share) }.sort
        return if shares.size < LEAST_ROUNDS
        middle = shares.size / 2
        shares.size.odd? ? shares[middle] : (shares[middle - 1] + shares[middle]) / 2.0
      end

      # @return [Float] seconds of one round: at the maker's own pace, as soon as there is one
      def pace_s = planned_s(round_steps) * (pace_factor || 1)

      def measured? = !pace_factor.nil?

      # The steps, those of rounds still ahead as long as the maker's own pace makes them.
      # @return [Array<Methods::Step>]
      def paced
        by = pace_factor or return @steps
        @steps.map do |other|
          ahead = other.turn && !other.wait? && !@done_at.key?(other.key)
          ahead ? other.with(least_s: other.least_s * by) : other
        end
      end

      # the step of this lot's rounds whose window has been open since the print
      # @return [Methods::Step, nil]
      def laid
        round_steps.find { |other| other.latest_s && other.after && round_steps.none? { |one| one.key == other.after } }
      end

      # @return [Numeric, nil] when what was printed for this lot is too dry to lay
      def dry_at = laid && @done_at[laid.after] && @done_at[laid.after] + laid.latest_s

      # pieces of this lot that are not laid yet, the one at hand among them
      # @return [Integer]
      def to_lay
        @steps.count { |other| laid_like?(other) && !@done_at.key?(other.key) }
      end

      # how many of them can still be laid in time, at this pace
      # @param now [Numeric]
      # @return [Integer, nil] nil where nothing dries
      def enough_for(now)
        return unless dry_at
        first = lead_left(now)
        return 0 if now + first > dry_at
        return to_lay unless pace_s.positive?
        ((dry_at - now - first) / pace_s).floor + 1
      end

      private

      def same_round?(one, other)
        one.round == other.round && [one.turn, one.try, one.lot] == [other.turn, other.try, other.lot]
      end

      def laid_like?(other) = laid && other.round == laid.round && other.after == laid.after && other.latest_s

      # seconds till the piece at hand is laid; a round's where it has been laid already
      def lead_left(now)
        upto = round_steps.index(laid)
        here = round_steps.index(step)
        by = pace_factor || 1
        return round_steps.drop(here).first(upto - here + 1).sum(&:least_s) * by if here <= upto
        (round_steps.drop(here).sum(&:least_s) + round_steps.first(upto + 1).sum(&:least_s)) * by
      end

      def planned_s(list) = Round.end_s(list, list.last.key)

      # whole rounds that were done without a step back: seconds they took, and were planned for
      # @return [Array<Array(Float, Float)>]
      def walked
        rounds = @steps.select(&:turn).chunk_while { |one, other| same_round?(one, other) }
        rounds.select { |list| list.all? { |step| @done_at.key?(step.key) } }.filter_map do |list|
          took = @done_at[list.last.key] - came_at(list.first)
          [took, planned_s(list)] if took.positive? && planned_s(list).positive?
        end
      end

      def came_at(step)
        place = @steps.index(step)
        place.zero? ? @began_at : @done_at.fetch(@steps[place - 1].key, @began_at)
      end
    end
  end
end
