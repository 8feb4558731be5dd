# frozen_string_literal: true

module UpClose
  module Rounds
    # Steps done for one piece before the next is begun. Frozen.
    class Round
      attr_reader :steps

      # @param steps [Array<Methods::Step>] of one round, as a method tells them
      def initialize(steps)
        @steps = steps.freeze
        freeze
      end

      # @param steps [Array<Methods::Step>] of one round, written out  @param key [String] of one of them
      # @return [Float] seconds from the round's start to the end of that step, waits for its own windows included
      def self.end_s(steps, key)
        keys = steps.map(&:key)
        own = steps.first(keys.index(key) + 1)
          .map { |step| (step.earliest_s && !keys.include?(step.after)) ? step.with(earliest_s: nil) : step }
        Runs::LeastTime.ready_at(own).to_f
      end

      # the step that begins it: a round's name
      def key = steps.first.key

      # @return [Array<String>]
      def keys = steps.map(&:key)

      # @return [Float] seconds for one piece, waits for a window to open included
      def each_s = Runs::LeastTime.ready_at(singles).to_f

      # @param key [String] of a step in it
      # @return [Float] seconds from the round's start to the end of that step
      def lead_s(key) = Runs::LeastTime.ready_at(singles.first(keys.index(key) + 1)).to_f

      # @return [Working]
      def working
        parts = steps.map { |step| "#{Working.number(step.each_s.to_f)} s #{step.title.downcase}" }
        Working.new("#{parts.join(" + ")} = #{Working.number(each_s, 1)} s a round", source: "starting values")
      end

      private

      # its steps for one piece; what opens outside of it is open
      def singles
        steps.map do |step|
          step.with(least_s: step.each_s.to_f, earliest_s: keys.include?(step.after) ? step.earliest_s : nil)
        end
      end
    end
  end
end
