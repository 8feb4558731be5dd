# frozen_string_literal: true

module UpClose
  module Diagnosis
    # The small language a question is written in: a look, a touch, a wipe that tells causes apart; one a file in
    # questions/.
    class Question
      class << self
        extend Declarations

        # key: names it. act: what to do, one short sentence. asks: what is to be seen.
        declares :key, :act, :asks

        # @param answers [Hash{String => String}] key → in words
        def answers(answers = nil) = answers ? @answers = answers.freeze : @answers

        # Where it can be asked; anywhere, unless said.
        # @yieldparam facts [Facts]  @yieldreturn [Boolean]
        def asked_where(&block) = @asked_where = block

        # @param facts [Facts]
        def asked?(facts) = @asked_where.nil? || !!@asked_where.call(facts)

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check!
          complete = key && act && asks && answers && answers.size > 1
          return self if complete
          raise Errors::BadDefinition.new("#{name} leaves something out.", remedy: "Correct its file.")
        end
      end
    end
  end
end
