# frozen_string_literal: true

module UpClose
  module Rounds
    # A try that failed in a round: what is left of it is dropped, and the piece is tried again with the next
    # print, where there is one; without one, all that was still to be done to that piece is dropped.
    class Retry
      # @param steps [Array<Methods::Step>] of a run, written out
      # @param failed [Methods::Step] the step at which it failed, in a round
      # @param done [Array<String>] keys of steps done
      def initialize(steps, failed:, done:)
        @steps, @failed, @done = steps, failed, done
      end

      # @param print [Boolean] whether a print is left
      # @param sand [Boolean] the ground has to be made ready again: that piece comes last then, since the others'
      #   ink dries meanwhile
      # @return [Array<Methods::Step>] the run's steps from now on
      def call(print:, sand:)
        before = @steps.index(@failed)
        kept = @steps.reject { |step| of_this_try?(step) && !@done.include?(step.key) }
        return kept.reject { |step| of_this_piece?(step) && !@done.include?(step.key) } unless print
        kept = kept.map { |step| of_this_piece?(step) ? step.with(after: now_called(step.after)) : step }
        index = sand ? (kept.rindex { |step| of_this_lot?(step) } || -1) + 1 : before
        index = [index, before].max
        kept.first(index) + (sand ? [sanded].compact : []) + again + kept.drop(index)
      end

      # which try the next one is
      # @return [Integer]
      def number = (@failed.try || 1) + 1

      private

      def try_steps = @steps.select { |step| of_this_try?(step) }

      def of_this_try?(step)
        step.round == @failed.round && [step.turn, step.try, step.lot] == [@failed.turn, @failed.try, @failed.lot]
      end

      def of_this_lot?(step) = step.round == @failed.round && step.lot == @failed.lot

      def of_this_piece?(step) = step.round && step.turn == @failed.turn

      def again
        try_steps.map do |step|
          step.with(
            key: called(step.key), after: now_called(step.after), try: number,
            repeat_from: step.repeat_from && called(step.repeat_from)
          )
        end
      end

      # the ground is made ready for this one piece
      def sanded
        ground = @steps.find { |step| step.key == "ground" && step.phase == :prepare } or return
        ground.with(
          key: called("#{ground.key}:#{@failed.turn || 1}"), title: "#{ground.title}, once more", for: :piece,
          least_s: ground.each_s || ground.least_s, number: 1, turn: @failed.turn, turns: @failed.turns, try: number,
          after: nil, earliest_s: nil, latest_s: nil
        )
      end

      # "lay:3" → "lay:3~2", "lay:3~2" → "lay:3~3"
      def called(key) = "#{key.to_s.sub(/~\d+\z/, "")}~#{number}"

      def now_called(key) = (try_steps.any? { |step| step.key == key }) ? called(key) : key
    end
  end
end
