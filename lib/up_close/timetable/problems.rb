# frozen_string_literal: true

module UpClose
  module Timetable
    # Why a mark cannot be laid into the hours, and the way out. Each gives a Plan::Problem.
    module Problems
      module_function

      # @param chain [TaskChain]  @param step [Methods::Step]  @param need [Integer] how many it wants room for
      # @param holds [Integer] how many its place takes
      def too_small(chain, step, need, holds)
        Plan::Problem.new(
          chain,
          "“#{step.title}” needs room for #{need} in #{Planner::PLACES[step.place]}, which holds #{holds}.",
          "Make fewer at a time, or a larger place."
        )
      end

      # @param longest_s [Numeric] the longest stretch of the maker's hours
      def in_one_go(chain, step, longest_s)
        Plan::Problem.new(
          chain,
          "“#{step.title}” takes #{hours(step.least_s)} h in one go; your longest working time is " \
            "#{hours(longest_s)} h.",
          "Give one longer day, or make fewer at a time."
        )
      end

      # @param chain [TaskChain]  @param step [Methods::Step]  @return [Plan::Problem]
      def no_time(chain, step)
        Plan::Problem.new(
          chain, "There is no time for “#{step.title}” in the next #{Hours::MOST_DAYS} days.", "Give more hours."
        )
      end

      # what opens its window is done already
      def missed(chain, step)
        Plan::Problem.new(
          chain,
          "The time limit of “#{step.title}” ends before your next hours.",
          "Do it now, or follow what the step says when it is late."
        )
      end

      # @param steps [Array<Methods::Step>] that windows tie together
      def no_stretch(chain, steps)
        Plan::Problem.new(
          chain,
          "The time limits from “#{steps.first.title}” to “#{steps.last.title}” do not fit your hours.",
          "They need #{hours(Runs::LeastTime.ready_at(steps))} h together: give one longer working time."
        )
      end

      # @param seconds [Numeric]  @return [String] hours, to a tenth
      def hours(seconds) = Working.number(seconds / 3600.0, 1)
    end
  end
end
