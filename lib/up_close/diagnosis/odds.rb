# frozen_string_literal: true

module UpClose
  module Diagnosis
    # How likely each cause is, given the facts: what is usual, times how often it shows as these faults, times each
    # fact, times what this shop found before, times what was answered; all of them and "something else" share one
    # whole (Bayes' rule, the facts taken one by one). Frozen.
    class Odds
      # One cause, its share, and what made it. Frozen.
      Line = Value.define(:cause, :share, :title, :weights, :working, keyword_init: true)

      # what no file here names: as common as this, and showing as any fault so often
      ELSE = {usual: 2.5, shows: 0.12}.freeze
      # facts hang together: taken one by one each would count too much
      TAKEN = 0.8
      # causes that were found before count against what is usual as if so many had been seen already
      WEIGHT = 8
      MOST_FACTOR = 40.0

      attr_reader :facts, :times_found

      # @param facts [Facts]
      # @param times_found [Hash{String => Integer}] cause key → how often this shop found it, by this method
      def initialize(facts, times_found: {})
        @facts, @times_found = facts, times_found
        @possible = Diagnosis.possible(facts)
        @causes = Causes.all.select { |cause| relevant?(cause) }
        @scores = @causes.to_h { |cause| [cause, score(cause)] }
        @rest = rest_score
        freeze
      end

      # @return [Array<Line>] the likeliest first
      def lines
        @causes.map { |cause| line(cause) }.sort_by { |line| [-line.share, line.cause.key] }
      end

      # @return [Float] 0..1
      def share(cause) = @scores.fetch(cause, 0.0) / whole

      # @return [Float] of what none of them names
      def something_else = @rest / whole

      # @return [Integer] attempts this shop looked into, by this method
      def looked_into = @times_found.values.sum

      attr_reader :causes

      private

      def whole = @scores.values.sum + @rest

      def relevant?(cause)
        return false unless cause.happens?(facts)
        facts.faults.empty? || facts.faults.any? { |fault| cause.leads_to.key?(fault) }
      end

      def score(cause)
        cause.usual * shown(cause) * taken_together(cause) * before(cause) * told(cause)
      end

      # its facts
      def taken_together(cause)
        product = cause.weights(facts).reduce(1.0) { |all, weight| all * weight.factor }
        (product**TAKEN).clamp(1 / MOST_FACTOR, MOST_FACTOR)
      end

      def shown(cause) = facts.faults.empty? ? 1.0 : cause.showing(facts.faults, @possible)

      # what this shop found, against what is usual
      def before(cause)
        return 1.0 if looked_into.zero?
        usual = cause.usual / usual_of_all
        (found_of(cause) + WEIGHT * usual) / (looked_into + WEIGHT) / usual
      end

      def found_of(cause) = times_found.fetch(cause.key, 0)

      def usual_of_all = Causes.all.select { |cause| cause.happens?(facts) }.sum(&:usual)

      def told(cause)
        facts.answers.reduce(1.0) do |product, (key, answer)|
          question = Questions.find(key) or next product
          product * cause.answered(key, answer, of: question.answers.size)
        end
      end

      def rest_score
        tapped, others = facts.faults.size, (@possible - facts.faults).size
        shown = tapped.zero? ? 1.0 : ELSE[:shows]**tapped * Math.sqrt(1 - Cause::BY_CHANCE)**others
        answered = facts.answers.reduce(1.0) do |product, (key, _)|
          product / (Questions.find(key)&.answers&.size || 1)
        end
        ELSE[:usual] * shown * answered
      end

      def line(cause)
        Line.new(
          cause: cause, share: share(cause), title: cause.named(facts),
          weights: cause.weights(facts).sort_by { |weight| -Math.log(weight.factor).abs }, working: working(cause)
        )
      end

      # @return [Working]
      def working(cause)
        parts = ["#{n(cause.usual)} (how usual)"]
        parts << "#{n(shown(cause))} (shows like this)" if facts.faults.any?
        told = cause.weights(facts).map { |weight| "#{n(weight.factor)} (#{weight.words})" }
        parts << "(#{told.join(" × ")}) ^ #{TAKEN}" if told.any?
        parts << "#{n(before(cause))} (found here #{found_of(cause)} of #{looked_into})" if looked_into.positive?
        parts << "#{n(told(cause))} (your answer)" if facts.answers.any?
        Working.new(
          "#{parts.join(" × ")} = #{n(@scores.fetch(cause))}, of #{n(whole)} in all",
          source: "starting values; what this shop finds outweighs them"
        )
      end

      def n(value) = (value.abs >= 0.01) ? Working.number(value) : Working.number(value, 5)
    end
  end
end
