# frozen_string_literal: true

module UpClose
  module Record
    # How the steps of one piece truly went, of a run's stored moments. Steps done for all pieces count for each.
    class StepTimes
      # @param steps [Array<Methods::Step>] of a run, written out
      # @param began_at [Numeric]  @param done_at [Hash{String => Numeric}] step key → when it was done
      def initialize(steps:, began_at:, done_at:)
        @steps, @began_at, @done_at = steps, began_at, done_at
      end

      # a step's name without its piece, lot, tray or try
      # @return [String]
      def self.plain(key) = key.to_s.sub(/[:~].*/, "")

      # @param turn [Integer, nil] which piece; nil where pieces are not done one by one
      # @return [Array<StepTime>] of the steps that are done, the last try of each
      def call(turn = nil)
        mine(turn).select { |step| @done_at.key?(step.key) }.group_by { |step| StepTimes.plain(step.key) }
          .map { |plain, steps| time(plain, steps.last) }
      end

      # which of its lot a piece is, from 1
      # @return [Integer, nil]
      def nth(turn)
        lot = lot(turn)
        turns = @steps.select { |step| step.turn && step.lot == lot }.map(&:turn).uniq.sort
        turns.index(turn)&.succ
      end

      # @return [Integer, nil] the lot that a piece's print belongs to
      def lot(turn) = @steps.find { |step| step.turn == turn && step.lot }&.lot

      private

      def mine(turn)
        lot = turn && lot(turn)
        @steps.select { |step| step.turn ? step.turn == turn : (step.lot.nil? || lot.nil? || step.lot == lot) }
      end

      def time(plain, step)
        done = @done_at.fetch(step.key)
        anchor = step.after && @done_at[step.after]
        StepTime.new(
          step: plain, title: step.title, took_s: done - came_at(step), planned_s: step.least_s,
          after: step.after && StepTimes.plain(step.after), after_s: anchor && done - anchor,
          earliest_s: step.earliest_s, latest_s: step.latest_s,
          least_s: (step.least_s if step.wait?), most_s: (step.most_s if step.wait?)
        )
      end

      def came_at(step)
        place = @steps.index(step)
        before = @steps.first(place).reverse.find { |other| @done_at.key?(other.key) }
        before ? @done_at.fetch(before.key) : @began_at
      end
    end
  end
end
