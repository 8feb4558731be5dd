# frozen_string_literal: true

require "json"
require "command_line/options"

module CommandLine
  # up-close diagnose: why a mark did not come out, from the facts of it.
  class DiagnoseVerb
    USAGE = "up-close diagnose FACTS.json"
    MOST_BYTES = 1024 * 1024
    LIKELIEST = 5

    def initialize(arguments)
      _, files = Options.read(arguments, usage: USAGE, names: [])
      raise WrongUse, "Give one file of facts: #{USAGE}." unless files.size == 1
      @file = files.first
    end

    # @return [String] JSON
    def call
      facts, times_found = UpClose::Diagnosis::Request.read(data)
      odds = UpClose::Diagnosis::Odds.new(facts, times_found: times_found)
      JSON.pretty_generate(
        causes: odds.lines.first(LIKELIEST).map { |line| cause(line, facts) },
        something_else: odds.something_else.round(4), ask: question(odds)
      )
    end

    private

    def data
      raise WrongUse, "The facts are larger than 1 MB." if File.size(@file) > MOST_BYTES
      JSON.parse(File.read(@file, encoding: "UTF-8"))
    rescue JSON::ParserError, EncodingError
      raise UpClose::Error.new("This is no JSON.", remedy: "Write the facts as one object.", field: :facts)
    end

    def cause(line, facts)
      rescue_now, change = line.cause.rescue_for(facts), line.cause.change_for(facts)
      {
        cause: line.cause.key, title: line.title, odds: line.share.round(4),
        reasons: line.weights.map { |weight| {factor: weight.factor.round(3), words: weight.words} },
        looks_like: line.cause.looks_like, tell_apart: line.cause.tell_apart,
        do_now: rescue_now && {words: rescue_now.words, within_s: rescue_now.within_s, after: rescue_now.since}.compact,
        next_time: change.words, working: line.working.to_s
      }
    end

    def question(odds)
      asked = UpClose::Diagnosis::BestQuestion.new(odds).call or return
      {
        question: asked.question.key, act: asked.question.act, asks: asked.question.asks, bits: asked.bits.round(4),
        answers: asked.question.answers.to_h { |key, words|
          title, share = asked.leads.fetch(key)
          [key, {words: words, then: title, odds: share.round(4)}]
        }
      }
    end
  end
end
