# frozen_string_literal: true

module UpClose
  module Rounds
    # Several marks of one method in one run: decals of one soak, blanks of one tray. What is done for all of them
    # is done once; pieces follow each other through the rounds, mark after mark, each with its own times.
    class Joined
      # One mark's share. Frozen.
      Part = Value.define(:name, :steps, :prints, :pieces, keyword_init: true)

      # @param parts [Array<Part>] steps as a method tells them, each once
      # @raise [Errors::Unsuitable] when their work is not the same
      def initialize(parts)
        @parts = parts
        return if parts.map { |part| part.steps.map { |step| [step.key, step.round] } }.uniq.one?
        raise Errors::Unsuitable.new(
          "These marks are not done in the same steps.", remedy: "Begin each by itself.", field: :together
        )
      end

      # @return [Array<Methods::Step>] written out for all of them
      def written_out
        Rounds.written_out(told, prints: prints, pieces: pieces).map { |step| step.turn ? of_its_mark(step) : step }
      end

      def prints = @parts.sum(&:prints)

      def pieces = @parts.sum(&:pieces)

      # whose piece a turn is
      # @param turn [Integer]
      # @return [Array(Object, Integer)] the part's name, and which of its pieces
      def owner(turn)
        @parts.each do |part|
          return [part.name, turn] if turn <= part.pieces
          turn -= part.pieces
        end
        nil
      end

      private

      # every step once, for all of them together
      def told
        @parts.first.steps.each_index.map do |i|
          same = @parts.map { |part| [part, part.steps[i]] }
          first = same.first.last
          first.with(
            least_s: first.wait? ? waited(same) : worked(same), each_s: each(same),
            most_s: same.map { |_, step| step.most_s }.compact.min, latest_s: same.filter_map { |_, s| s.latest_s }.min,
            consumes: consumed(same)
          )
        end
      end

      # the longest wait will do for all; one that each piece waits through is theirs together
      def waited(same)
        same.first.last.round ? same.sum { |_, step| step.least_s } : same.map { |_, step| step.least_s }.max
      end

      # getting ready once, and every print or piece
      def worked(same)
        fixed = same.map { |part, step| step.least_s - step.each_s.to_f * step.times(part.prints, part.pieces) }.max
        fixed + same.sum { |part, step| step.each_s.to_f * step.times(part.prints, part.pieces) }
      end

      # for one: in a round the slowest, so that no window is counted on too little
      def each(same)
        return if same.all? { |_, step| step.each_s.nil? }
        return same.map { |_, step| step.each_s.to_f }.max if same.first.last.round
        mean(same) { |step| step.each_s.to_f }
      end

      def consumed(same)
        same.first.last.consumes.each_with_index.map do |supply, i|
          amount = mean(same) { |step| step.consumes[i].amount }
          Methods::Supply.new(kind: supply.kind, title: supply.title, amount: amount, least: supply.least)
        end
      end

      # over prints or pieces
      def mean(same)
        weights = same.map { |part, step| step.times(part.prints, part.pieces) }
        same.zip(weights).sum { |(_, step), weight| yield(step) * weight } / weights.sum.to_f
      end

      # the own time and amounts of the mark whose turn it is
      def of_its_mark(step)
        name, = owner(step.turn)
        own = @parts.find { |part| part.name == name }.steps.find { |other| other.key == step.key.sub(/:.*/, "") }
        fixed = step.least_s - told_each.fetch(own.key)
        step.with(least_s: own.each_s.to_f + fixed, consumes: own.consumes)
      end

      def told_each = @told_each ||= told.to_h { |step| [step.key, step.each_s.to_f] }
    end
  end
end
