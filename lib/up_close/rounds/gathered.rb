# frozen_string_literal: true

module UpClose
  module Rounds
    # Steps written out, each round of them as one step that is not broken off: what a plan lays. Windows that
    # open outside of a round hold for the end of the step they are for; windows on a step inside a round are
    # told from the round's end.
    class Gathered
      # @param steps [Array<Methods::Step>] written out, perhaps begun
      def initialize(steps)
        @groups = steps.chunk_while { |one, other| one.turn && same_round?(one, other) }.to_a
        @round_of = @groups.select { |group| group.size > 1 }
          .flat_map { |group| group.map { |step| [step.key, group] } }.to_h
      end

      # @return [Array<Methods::Step>]
      def call = @groups.map { |group| (group.size > 1) ? whole(group) : from_outside(group.first) }

      # the steps that each of them stands for
      # @return [Hash{String => Array<Methods::Step>}] by its key
      def parts = @groups.select { |group| group.size > 1 }.to_h { |group| [group.first.key, group] }

      private

      def same_round?(one, other)
        one.round == other.round && [one.turn, one.try, one.lot] == [other.turn, other.try, other.lot]
      end

      def whole(group)
        first, last = group.first, group.last
        window = group.filter_map { |step| window_of(step, group) }.min_by { |_, _, latest| latest || Float::INFINITY }
        after, earliest, latest = window
        first.with(
          title: "Piece #{first.turn} of #{first.turns}: #{first.title.downcase} … #{last.title.downcase}",
          kind: :hands, least_s: Round.end_s(group, last.key), most_s: nil, place: group.filter_map(&:place).first,
          temperature_c: group.filter_map(&:temperature_c).max, after: after, earliest_s: earliest, latest_s: latest,
          repeat_from: nil, passes: nil, dries: nil
        )
      end

      # a window that was opened before the round: from when, and till when, the round may begin
      # @return [Array(String, Numeric, Numeric), nil]
      def window_of(step, group)
        return unless step.window? && step.after && group.none? { |other| other.key == step.after }
        lead = Round.end_s(group, step.key)
        after, shift = anchor(step.after)
        start = lead - step.least_s
        [after, [step.earliest_s.to_f - start - shift, 0].max, step.latest_s && [step.latest_s - lead - shift, 0].max]
      end

      # a single step, its window told from the end of the round that opens it
      def from_outside(step)
        return step unless step.after && @round_of.key?(step.after)
        after, shift = anchor(step.after)
        step.with(
          after: after, earliest_s: step.earliest_s && [step.earliest_s - shift, 0].max,
          latest_s: step.latest_s && [step.latest_s - shift, 0].max
        )
      end

      # @return [Array(String, Numeric)] the step that stands for it in the plan, and how much later that ends
      def anchor(key)
        group = @round_of[key] or return [key, 0]
        [group.first.key, Round.end_s(group, group.last.key) - Round.end_s(group, key)]
      end
    end
  end
end
