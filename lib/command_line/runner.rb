# frozen_string_literal: true

require "up_close"
require "workers"

module CommandLine
  # A wrong call, as against work that cannot be done.
  class WrongUse < StandardError; end

  # Finds the verb and turns errors into one sentence and an exit code.
  class Runner
    VERBS = {
      "print" => "PrintVerb",
      "check" => "CheckVerb",
      "unroll" => "UnrollVerb",
      "nest" => "NestVerb",
      "calibrate" => "CalibrateVerb",
      "remaining" => "RemainingVerb",
      "methods" => "MethodsVerb",
      "compare" => "CompareVerb",
      "mark" => "MarkVerb",
      "plan" => "PlanVerb",
      "etch" => "EtchVerb",
      "board" => "BoardVerb",
      "template" => "TemplateVerb",
      "outline" => "OutlineVerb",
      "strap" => "StrapVerb",
      "coupon" => "CouponVerb",
      "coupon-read" => "CouponReadVerb",
      "diagnose" => "DiagnoseVerb",
      "outcome" => "OutcomeVerb"
    }.freeze

    # what opens files of others does it in a child, within the limits that the pages have
    OUTSIDE = %w[print check mark compare unroll calibrate remaining board template outline coupon
      coupon-read outcome].freeze

    # as a process of its own
    def self.run(arguments)
      return call(arguments) unless OUTSIDE.include?(arguments.first)
      Workers.in_child { told(arguments) }
    rescue UpClose::Error => error
      warn one_sentence(error.sentence)
      1
    end

    # what a file of others makes go wrong is one sentence, and no trace
    def self.told(arguments)
      call(arguments)
    rescue => error
      raise if ENV["UP_CLOSE_TELL_ALL"]
      warn "This file cannot be read; open it where it was made and save it again (#{error.class})."
      1
    end

    # @return [Integer] 0, 1 (cannot be done) or 2 (wrong use)
    def self.call(arguments, out: $stdout, err: $stderr)
      verb, *rest = arguments.map { |argument| utf8(argument) }
      name = VERBS[verb] or raise WrongUse, "Usage: up-close VERB …, VERB one of: #{VERBS.keys.join(", ")}."
      require "command_line/#{verb.tr("-", "_")}_verb"
      work = CommandLine.const_get(name).new(rest)
      out.puts work.call
      0
    rescue WrongUse, OptionParser::ParseError => error
      err.puts sentence(error)
      2
    rescue UpClose::Error => error
      err.puts one_sentence(error.sentence)
      1
    rescue NoMemoryError, SystemStackError
      err.puts "That is more than can be worked out here; simplify the file."
      1
    rescue SystemCallError => error
      err.puts "That file cannot be read or written: #{error.message.sub(/ @ .*?- /, ": ")}."
      1
    end

    # a shell without a language of its own hands words over as bytes
    # @raise [WrongUse]
    def self.utf8(argument)
      text = argument.dup.force_encoding(Encoding::UTF_8)
      text.valid_encoding? ? text : raise(WrongUse, "“#{text.scrub("?")}” is no UTF-8: set LANG=C.UTF-8.")
    end

    # reason and remedy, run together
    def self.one_sentence(text) = text.gsub(/\. (\p{Lu})(?=\p{Ll}|\s)(?!p Close)/) { "; #{$1.downcase}" }

    def self.sentence(error) = error.message.sub(/\A./, &:upcase).sub(/[^.]\z/, "\\0.")
  end
end
