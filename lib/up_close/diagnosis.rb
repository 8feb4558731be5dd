# frozen_string_literal: true

module UpClose
  # What went wrong: causes/ one a file, weighed by the facts of an attempt and by what this shop found before;
  # questions/ one a file, of which the one that separates the likeliest best is asked.
  module Diagnosis
    # "4 min", "40 s", "1 h 20 min"
    # @param seconds [Numeric]
    def self.span(seconds)
      return "#{seconds.round} s" if seconds < 90
      return "#{(seconds / 60.0).round} min" if seconds < 5400
      hours, minutes = (seconds / 60.0).round.divmod(60)
      return "#{hours} h#{" #{minutes} min" if minutes.positive?}" if hours < 48
      "#{(hours / 24.0).round} days"
    end

    # "7:00" minutes and seconds, from an hour on in words
    # @param seconds [Numeric]
    def self.clock(seconds)
      return span(seconds) if seconds >= 3600
      format("%d:%02d", *seconds.round.divmod(60))
    end

    # @param facts [Facts]
    # @return [Array<String>] faults that this way of doing it can have
    def self.possible(facts)
      Record::Possible.call(facts.choice, facts.sealer || Sealing::NoSealer) | facts.faults
    end
  end
end
