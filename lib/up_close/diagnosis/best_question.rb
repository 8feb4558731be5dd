# frozen_string_literal: true

module UpClose
  module Diagnosis
    # The one question whose answer is expected to tell most: by how much it lowers the uncertainty (entropy, in bits)
    # of which cause it is (Shannon's mutual information of answer and cause).
    class BestQuestion
      # less than this is not worth asking
      LEAST_BITS = 0.08

      # One question, what it is expected to tell, and what each answer would make of the odds. Frozen.
      Asked = Value.define(:question, :bits, :leads, keyword_init: true)

      # @param odds [Odds]
      def initialize(odds)
        @odds = odds
      end

      # @return [Asked, nil] nil when nothing would tell much more
      def call
        best = open.map { |question| [question, bits(question)] }.max_by { |question, gain| [gain, question.key] }
        return if best.nil? || best.last < LEAST_BITS
        question, gain = best
        leads = question.answers.keys.to_h { |key| [key, lead(question, key)] }
        Asked.new(question: question, bits: gain, leads: leads)
      end

      # @return [Float] bits
      def bits(question)
        expected = question.answers.keys.sum do |answer|
          joint = chances.map { |cause, share| share * likely(cause, question, answer) }
          whole = joint.sum
          whole.zero? ? 0 : whole * entropy(joint.map { |value| value / whole })
        end
        entropy(chances.values) - expected
      end

      private

      def facts = @odds.facts

      def open
        Questions.all.reject { |question| facts.answers.key?(question.key) || !question.asked?(facts) }
          .select { |question| @odds.causes.count { |cause| cause.told.key?(question.key) } > 1 }
      end

      # @return [Hash{Class, nil => Float}] nil: something else
      def chances
        @chances ||= @odds.causes.to_h { |cause| [cause, @odds.share(cause)] }.merge(nil => @odds.something_else)
      end

      def likely(cause, question, answer)
        of = question.answers.size
        cause ? cause.answered(question.key, answer, of: of) : 1.0 / of
      end

      # @return [Array(String, Float)] the likeliest cause after that answer, and its share
      def lead(question, answer)
        line = Odds.new(
          facts.with(answers: facts.answers.merge(question.key => answer)), times_found: @odds.times_found
        ).lines.first
        [line.title, line.share]
      end

      def entropy(shares) = -shares.select(&:positive?).sum { |share| share * Math.log2(share) }
    end
  end
end
