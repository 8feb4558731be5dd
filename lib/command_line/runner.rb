# frozen_string_literal: true

require "up_close"

module CommandLine
  # A wrong call, as against work that cannot be done.
  class WrongUse < StandardError; end

  # Finds the verb and turns errors into one sentence and an exit code.
  class Runner
    VERBS = {"print" => "PrintVerb", "check" => "CheckVerb", "unroll" => "UnrollVerb", "nest" => "NestVerb", "calibrate" => "CalibrateVerb", "remaining" => "RemainingVerb", "methods" => "MethodsVerb", "compare" => "CompareVerb", "mark" => "MarkVerb", "plan" => "PlanVerb"}.freeze

    # @return [Integer] 0, 1 (cannot be done) or 2 (wrong use)
    def self.call(arguments, out: $stdout, err: $stderr)
      verb, *rest = arguments
      name = VERBS[verb] or raise WrongUse, "Usage: up-close VERB …, VERB one of: #{VERBS.keys.join(", ")}."
      require "command_line/#{verb}_verb"
      out.puts CommandLine.const_get(name).new(rest).call
      0
    rescue WrongUse, OptionParser::ParseError => error
      err.puts sentence(error)
      2
    rescue UpClose::Error => error
      err.puts one_sentence(error.sentence)
      1
    rescue SystemCallError => error
      err.puts "That file cannot be read or written: #{error.message.sub(/ @ .*?- /, ": ")}."
      1
    end

    # reason and remedy, run together
    def self.one_sentence(text) = text.gsub(/\. (\p{Lu})(?=\p{Ll}|\s)(?!p Close)/) { "; #{$1.downcase}" }

    def self.sentence(error) = error.message.sub(/\A./, &:upcase).sub(/[^.]\z/, "\\0.")
  end
end
