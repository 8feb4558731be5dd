# frozen_string_literal: true

module Presenters
  # What went wrong with one try: its faults and where, the likeliest causes in words, the question that separates them,
  # what saves the piece, and what to do otherwise next time.
  class WrongStage
    # faults shown at once; the others on asking
    SHOWN = 4
    LIKELIEST = 3
    # shares from which a cause is called so
    WORDS = {0.45 => "likely", 0.2 => "possible", 0.05 => "less likely"}.freeze

    attr_reader :attempt

    # @param attempt [Attempt]  @param now [Time]
    def initialize(attempt, now:)
      @attempt, @now = attempt, now
      @diagnosis = AttemptDiagnosis.new(attempt)
    end

    def mark = attempt.mark

    def odds = @diagnosis.odds

    # nothing is weighed before it is said what is wrong
    def weighed? = attempt.faults.any?

    # @return [Array<UpClose::Diagnosis::Odds::Line>]
    def lines = @lines ||= odds.lines.first(LIKELIEST)

    # @return [UpClose::Diagnosis::BestQuestion::Asked, nil]
    def question = @question ||= @diagnosis.question

    # "likely, 6 in 10"
    def share_words(share)
      words = WORDS.find { |from, _| share >= from }&.last
      words ? "#{words}, #{tenths(share)}" : tenths(share)
    end

    # "6 in 10"
    def tenths(share)
      tenth = (share * 10).round
      return "under 1 in 10" if tenth.zero?
      (tenth == 10) ? "over 9 in 10" : "#{tenth} in 10"
    end

    # @param line [UpClose::Diagnosis::Odds::Line]
    # @return [String] the facts that speak for it most, or how it is told apart
    def why(line)
      known = line.weights.select { |weight| weight.factor > 1.1 }.first(2).map(&:words)
      return "If so, #{line.cause.tell_apart}." if known.empty?
      "#{known.join("; ").sub(/\A./, &:upcase)}."
    end

    # "Odds from this run and your 11 gel attempts."
    def sources
      looked = odds.looked_into
      from = attempt.times.any? ? "this run" : "what is kept of it"
      looked.zero? ? "Odds from #{from}." : "Odds from #{from} and #{looked} that you looked into before."
    end

    # the faults that can be, those tapped and the likeliest first
    # @return [Array<Array<String>>] shown, and the others
    def faults
      possible = UpClose::Record::Possible.call(@diagnosis.facts.choice, @diagnosis.facts.sealer) | attempt.faults
      sorted = possible.sort_by do |key|
        [attempt.faults.include?(key) ? 0 : 1, -common.fetch(key, 0), possible.index(key)]
      end
      at_once = [SHOWN, attempt.faults.size].max
      [sorted.first(at_once), sorted.drop(at_once)]
    end

    # One way out, and until when. Frozen.
    Rescue = UpClose::Value.define(:words, :deadline, :over, :then_words, :note, keyword_init: true)

    # what saves this piece, of the likeliest cause
    # @return [Rescue, nil]
    def rescue_now
      way_out = lines.first&.cause&.rescue_for(@diagnosis.facts) or return
      done = way_out.since && @diagnosis.done_at(way_out.since)
      deadline = done && way_out.within_s && done + way_out.within_s
      Rescue.new(
        words: way_out.words, deadline: deadline, over: !deadline.nil? && deadline < @now.to_f,
        then_words: way_out.then_words, note: rescue_note(way_out, deadline)
      )
    end

    # @return [Array<Array(Class, UpClose::Diagnosis::Cause::Change)>] of the cause that was found, or the likeliest
    def change
      cause = UpClose::Diagnosis::Causes.find(attempt.cause) || lines.first&.cause or return
      [cause, cause.change_for(@diagnosis.facts)]
    end

    # @return [SchoolChange, nil] what was changed after this try
    def changed = @changed ||= SchoolChange.where(attempt: attempt).last

    def heading
      (attempt.result == "good") ? "How #{piece_words} came out" : "What went wrong with #{piece_words}?"
    end

    # "piece 4", or what the piece is called
    def piece_words = (mark.good_wanted == 1) ? "the #{mark.piece.name}" : "piece #{attempt.piece}"

    # "4 % of it is missing, in 10 spots up to 6.1 mm"
    # @return [String, nil] nil before a photo was laid over
    def seen_words
      seen = attempt.seen
      return if seen.empty?
      parts = [missing_words(seen)]
      parts << "it lies twice, #{UpClose::Working.number(seen["shift_mm"], 1)} mm apart" if seen["shift_mm"].to_f > 0.2
      parts << "a haze of #{(seen["haze"] * 100).round} %" if seen["haze"].to_f > 0.15
      parts << "yellower than its ground" if seen["tint"].to_f > 5
      "#{parts.join("; ")}.".sub(/\A./, &:upcase)
    end

    # which named places are on
    def places = attempt.places.filter_map { |place| place["where"] }

    # @return [Run, nil] the bench goes on
    def run = (attempt.run && !attempt.run.finished?) ? attempt.run.lead : nil

    # whether one press takes it back: the run has not gone on since
    def undo? = !attempt.run.nil? && Actions::UndoSpoilt.possible?(attempt.run.lead, attempt)

    private

    def missing_words(seen)
      share = seen["missing_share"].to_f * 100
      return "nothing is missing" if share < 0.3
      spots = seen["spots"]
      "#{UpClose::Working.number(share, (share < 10) ? 1 : 0)} % of it is missing, in #{spots} " \
        "#{(spots == 1) ? "spot" : "spots"} up to #{UpClose::Working.number(seen["largest_mm"], 1)} mm"
    end

    def common
      @common ||= Attempt.own.where(method_key: attempt.method_key, result: %w[spoilt usable])
        .order(id: :desc).limit(200).pluck(:faults).flatten.tally
    end

    def rescue_note(way_out, deadline)
      parts = []
      parts << "until #{Moments.clock(Time.at(deadline), @now)} (starting value)" if deadline
      parts << "within #{UpClose::Diagnosis.span(way_out.within_s)}" if deadline.nil? && way_out.within_s
      parts << way_out.then_words if way_out.then_words && !(deadline && deadline < @now.to_f)
      parts.join("; ")
    end
  end
end
