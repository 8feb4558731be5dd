# frozen_string_literal: true

module UpClose
  module Rounds
    # How many prints can be laid before the window of the last one shuts. Where one more would be too late,
    # prints are made in lots: print some, lay them, print the next. A method whose windows open within the
    # round itself has one lot, whatever the number. Frozen.
    #
    #   n = ⌊(latest − opening − time from a round's start to the end of its laying) ÷ round time⌋ + 1
    class Lots
      # @param steps [Array<Methods::Step>] as a method tells them  @param prints [Integer]
      def initialize(steps, prints:)
        @steps, @prints = steps, prints
        @laid = steps.find { |step| step.round && step.latest_s && sheet_step(step.after) }
        @round = @laid && Rounds.of(steps).find { |round| round.key == @laid.round }
        @each_s, @lead_s = @round.each_s, @round.lead_s(@laid.key) if @round
        freeze
      end

      # @return [Methods::Step, nil] the step whose window, open since the print, limits a lot
      attr_reader :laid

      # @return [Round, nil] that it belongs to
      attr_reader :round

      # @return [Methods::Step, nil] what a lot begins with: its print; nil where nothing limits it
      def opener = @laid && sheet_step(@laid.after)

      # @return [Integer, nil] prints in a lot at most; nil without a limit; 1 where not even one is in time
      def most
        return unless @laid
        @prints.downto(1).find { |number| late_s(number) <= 0 } || 1
      end

      # As few lots as there can be, alike in size, so that each has time to spare.
      # @param pieces [Integer] lots never outnumber the pieces: spares of one piece are chosen from, not all laid
      # @return [Array<Integer>] prints in each lot
      def call(pieces: @prints)
        count = [(@prints / (most || @prints).to_f).ceil, pieces].min
        each, over = @prints.divmod(count)
        Array.new(count) { |i| (i < over) ? each + 1 : each }
      end

      # @param number [Integer] prints in a lot
      # @return [Float] seconds by which its last laying ends too late; at most 0 where it is in time
      def late_s(number) = opening_s(number) + lead_s + (number - 1) * @each_s - @laid.latest_s

      # @return [Boolean] whether one laying is in time at all
      def possible? = @laid.nil? || late_s(1) <= 0

      # @return [Float, nil] seconds from the round's start to the end of its laying
      attr_reader :lead_s

      # when the first round of a lot can begin: the window is open, and what lies between is done for all of it
      # @param number [Integer] prints
      # @return [Float] seconds from the print
      def opening_s(number)
        between = @steps[@steps.index(opener) + 1...@steps.index(round.steps.first)]
        [@laid.earliest_s.to_f, between.sum { |step| for_lot(step, number) }].max
      end

      # @return [Working, nil]
      def working
        return unless @laid
        opened = Working.number(opening_s([most, @prints].min))
        figures = [@laid.latest_s, lead_s, @each_s].map { |seconds| Working.number(seconds, 1) }
        Working.new(
          "⌊(#{figures[0]} s − #{opened} s − #{figures[1]} s) ÷ #{figures[2]} s a round⌋ + 1 = #{most}" \
          "#{" (no more are printed)" if most == @prints}",
          source: "starting values; your own pace replaces them at the bench"
        )
      end

      private

      def sheet_step(key) = @steps.find { |step| step.key == key && step.round.nil? && step.for_prints? }

      def for_lot(step, number)
        return step.least_s unless step.for_prints?
        step.least_s - step.each_s.to_f * (@prints - number)
      end
    end
  end
end
