# frozen_string_literal: true

module UpClose
  module Timetable
    # One mark's steps still to be done, in their order. Frozen.
    class TaskChain
      attr_reader :id, :title, :steps, :due, :copies, :ends, :from

      # @param id [Object]  @param steps [Array<Methods::Step>]  @param due [Numeric, nil] moment it is wanted
      # @param copies [Integer]  @param ends [Hash{String => Numeric}] steps done, and when
      # @param from [Numeric, nil] not before
      def initialize(id:, title:, steps:, due: nil, copies: 1, ends: {}, from: nil)
        @id, @title, @steps, @due, @copies, @ends, @from = id, title, steps.freeze, due, copies, ends.freeze, from
        check
        @blocks = tied.freeze
        freeze
      end

      # stretches of steps that windows tie together; a step tied to none is its own
      # @return [Array<Array<Integer>>] places
      attr_reader :blocks

      # a step of it is done
      def begun? = ends.any?

      def hands_s = steps.reject(&:wait?).sum(&:least_s)

      def whole_s = steps.sum(&:least_s)

      # @param changes [Hash] fields that differ  @return [TaskChain]
      def with(**changes)
        TaskChain.new(id: id, title: title, steps: steps, due: due, copies: copies, ends: ends, from: from, **changes)
      end

      private

      # a window ties a step to what opens it; a wait with a longest time ties what follows it
      def tied
        joined = Array.new(steps.size, false)
        steps.each_with_index do |step, k|
          anchor = step.latest_s && steps.index { |s| s.key == step.after }
          (anchor + 1..k).each { |i| joined[i] = true } if anchor && anchor < k
          joined[k + 1] = true if step.shut? && k + 1 < steps.size
        end
        steps.each_index.slice_when { |_, k| !joined[k] }.to_a
      end

      def check
        endless = steps.find { |step| step.least_s.nil? || !step.least_s.to_f.finite? || step.least_s.negative? }
        raise Error.new("“#{endless.title}” has no end.", remedy: "Give it a time.", field: :steps) if endless
      end
    end
  end
end
