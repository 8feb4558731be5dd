# frozen_string_literal: true

module UpClose
  module Runs
    # When steps end that are done one after the other, each in its least time and no
    # sooner than its window opens: the soonest that anything can be ready.
    module LeastTime
      module_function

      # @param steps [Array<Methods::Step>]  @param from [Numeric] when the first comes to hand
      # @param done [Hash{String => Numeric}] steps before them → when they were done
      # @param now [Numeric] the first cannot have ended before
      # @return [Numeric] when the last ends; +from+ when there is none
      def ready_at(steps, from: 0, done: {}, now: from)
        ends = done.dup
        steps.each_with_index.reduce(from) do |moment, (step, i)|
          end_at = [moment, opening(step, ends, moment)].max + step.least_s
          ends[step.key] = i.zero? ? [end_at, now].max : end_at
        end
      end

      # seconds that are neither work nor a wait of their own: till a window opens
      # @return [Numeric]
      def windows_s(steps) = ready_at(steps) - steps.sum(&:least_s)

      # a window that nothing before has opened opens as its step comes to hand
      def opening(step, ends, moment) = step.earliest_s ? ends.fetch(step.after, moment) + step.earliest_s : moment
    end
  end
end
