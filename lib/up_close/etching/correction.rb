# frozen_string_literal: true

module UpClose
  module Etching
    # A depth measured between two laps corrects what is left of the etch: the laps that are still to come are laid
    # out anew at the rate that it showed, or dropped where it is deep enough.
    class Correction
      LAP = /\A(?:etch|look)(?:_\d+)?\z/
      # where a depth can be measured: at a look between laps, or before the last rinse
      MEASURED_AT = /\A(?:look_\d+|rinse)\z/

      # @param steps [Array<Methods::Step>] of a run  @param at [String] key of the step at hand
      # @param done_at [Hash{String => Float}] step → when it was done, s
      def initialize(steps, at:, done_at:)
        @steps, @at, @done_at = steps, at, done_at
      end

      # @param step [Methods::Step, nil]  @return [Boolean]
      def self.measured_at?(step) = !step.nil? && MEASURED_AT.match?(step.key)

      # @return [Float] seconds in the bath so far; 0 where it has not been in
      def in_bath_s
        @steps.each_with_index.sum do |step, i|
          next 0.0 unless etch?(step) && @done_at[step.key]
          i.zero? ? step.least_s.to_f : @done_at[step.key] - @done_at.fetch(@steps[i - 1].key, @done_at[step.key])
        end
      end

      # @param measured_mm [Numeric]  @param wanted_mm [Numeric]
      # @return [Array<Methods::Step>] the run's steps from now on as they were before them
      # @raise [Error] where it was not in the bath, or lost nothing
      def call(measured_mm, wanted_mm)
        left_s = StripTest.new(depth_mm: measured_mm, seconds: in_bath_s).left_s(wanted_mm)
        laps = (left_s < 1) ? [] : Laps.of(left_s)
        before, after = split
        before + laid_out(laps) + after
      end

      private

      def etch?(step) = step.key.start_with?("etch")

      # what is done or at hand, and what comes after all laps; a rinse at hand comes after the laps that are added
      def split
        index = @steps.index { |step| step.key == @at }
        index -= 1 if @at == "rinse"
        rest = @steps.drop(index + 1).reject { |step| LAP.match?(step.key) }
        [@steps.first(index + 1), rest]
      end

      # between two laps, and before the rinse that was at hand, one looks
      def laid_out(laps)
        lap = @steps.find { |step| etch?(step) }
        number = @steps.count { |step| etch?(step) }
        laps.each_with_index.flat_map do |seconds, i|
          turn = number + i + 1
          wait = lap.with(
            key: "etch_#{turn}", title: "Etch on for the time that is left", least_s: seconds, each_s: nil
          )
          [wait, look(turn)]
        end
      end

      def look(number)
        Methods::Step.new(
          key: "look_#{number}", title: "Rinse, look, measure", kind: :hands, phase: :after, least_s: 180,
          words: "Dry it, close new holes, and measure the depth.", cautions: %i[etchant],
          look_for: "no bright speck in what is to stand; an etch-proof pen closes it.", for: :piece
        )
      end
    end
  end
end
