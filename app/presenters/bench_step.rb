# frozen_string_literal: true

module Presenters
  # One step of a run as the bench shows it.
  class BenchStep
    attr_reader :run, :state

    # @param now [Time]
    def initialize(run, now:)
      @run, @now = run, now
      @clockwork = run.clockwork
      @state = @clockwork.state(now.to_f)
    end

    def step = state.step

    # whether a depth can be measured here, for laps of an etch to be laid out anew
    def depth? = @run.mark.afterwards == "etch" && UpClose::Etching::Correction.measured_at?(step)

    # how deep it is to become
    # @return [Float] µm
    def wanted_um = MarkEtching.new(@run.mark).depth_mm * 1000

    def finished? = step.nil?

    # runs that one press can take on, this one first; this one alone where no other stands at the same
    # @return [Array<Run>]
    def together = @together ||= run.at_the_same(step.key, @now)

    # the pieces that one press is for: "Herring (Prize herring), Wrenfold (headstock)"
    def together_words
      together.flat_map(&:marks).map { |mark| "#{mark.title} (#{mark.piece.name})" }.join(", ")
    end

    # where it stands among what is to be done; the rounds of all pieces are one of them
    def number = parts.index { |part| part.include?(step) } + 1

    def total = parts.size

    # @return [Array<Symbol>] of each part: :done, :here, :ahead
    def progress
      here = finished? ? total : number - 1
      parts.each_index.map { |i| {-1 => :done, 0 => :here, 1 => :ahead}.fetch(i <=> here) }
    end

    # the mark whose piece is in hand: several may share a run
    # @return [Mark]
    def piece_mark = step.turn ? run.owner(step.turn).first : run.mark

    # pieces are done one after the other here
    def round? = !finished? && walk.round?

    # "Piece 5 of 12, try 2 · step 2 of 4 · lot 1 of 2"
    def place_words
      return "Step #{number} of #{total}#{lot_words}" unless round?
      again = step.try && ", try #{step.try}"
      again = "#{again}: #{run.owner(step.turn).first.title}" if run.together.any?
      steps = walk.round_steps.size
      place = " · step #{walk.place_in_round} of #{steps}" if steps > 1
      "Piece #{step.turn} of #{step.turns}#{again}#{place}#{lot_words}"
    end

    # One piece among those of this round: how far it has come, and what became of it. Frozen.
    Piece = UpClose::Value.define(:number, :state)

    # @return [Array<Piece>] state :done, :here, :ahead, :spoilt
    def pieces
      walk.turns.map { |turn, state| Piece.new(turn, (state != :here && lost?(turn)) ? :spoilt : state) }
    end

    OUT_TOO_LONG = "The print has been out too long. Touch a waste corner before you lay it."

    # how long what was printed can still be laid, and for how many pieces that is enough
    # @return [Hash, nil] :left, :words, :share (0 to 1, of the time since the last print); nil where nothing dries
    def wet
      return unless round? && walk.dry_at
      left, enough, to_lay = walk.dry_at - @now.to_f, walk.enough_for(@now.to_f), walk.to_lay
      pace = Moments.span(walk.pace_s)
      pace = walk.measured? ? "your pace of #{pace}" : "#{pace} a piece, a starting value"
      return {left: nil, words: OUT_TOO_LONG} if left <= 0
      {
        left: Moments.about(left), to: moment(walk.dry_at), late: enough < to_lay,
        share: (left / [walk.dry_at - printed_at, 1].max).clamp(0.0, 1.0),
        words: "of wet print left. Enough for #{(enough < to_lay) ? "#{enough} of the" : "all"} #{to_lay} still to " \
          "lay, at #{pace}."
      }
    end

    # @return [String, nil] that prints to choose from are left, or none
    def spare_words
      return unless round?
      left = run.spares_left(step)
      if left.positive?
        "#{left} spare #{(left == 1) ? "print" : "prints"} in this lot"
      else
        "no spare print in this lot"
      end
    end

    # @return [Array<ClockFace>] in their order; none where nothing is waited for
    def faces = @faces ||= (state.opens_at || state.closes_at) ? @clockwork.turns.map { |turn| face(turn) } : []

    # for the page
    def clock_data = {faces: faces.map(&:to_h)}

    # what the clock says as the page is made
    # @return [Array(String, String), nil] words and figure
    def clock
      shown = faces.reverse.find { |face| face.name == state.name } or return
      [shown.words, figure(shown)]
    end

    # "best from 19:05, before 19:40"
    def clock_note
      parts = []
      parts << "from #{moment(state.opens_at)}" if state.opens_at && state.early?
      parts << "best from #{moment(state.best_at)}" if state.best_at && @now.to_f < state.best_at
      parts << "before #{moment(state.closes_at)}" if state.closes_at
      parts.join(", ")
    end

    # where its time comes from: a starting value, or this shop's own tries
    def source_words
      return "" unless step.source
      step.source.include?("of your own") ? step.source : "starting value, your label first"
    end

    def late_words = step.when_late || "Look closely before you go on. If in doubt, take a spare."

    # @return [String] what ending it before its time risks
    def risk = step.wait? ? step.risk : (step.early || "It is too early: #{step.risk.sub(/\A./, &:downcase)}")

    # the piece is ready then, if every step takes its least time; what was ended early keeps its true moment
    def ready = Time.at(@clockwork.ready_at(@now.to_f))

    # all steps are done and the last coat has cured
    def ready? = finished? && ready <= @now

    # @return [Array<Array(String, String, Boolean)>] "dry to the touch", when, and whether that has come
    def moments
      @clockwork.moments(@now.to_f).map do |name, seconds|
        [UpClose::Methods::Step::MOMENTS.fetch(name), moment(seconds), seconds <= @now.to_f]
      end
    end

    def ready_words = Moments.clock(ready, @now)

    def copies_words
      spoilt = run.marks.sum { |mark| mark.attempts.count { |a| a.result == "spoilt" } }
      left = run.prints - run.pieces - spoilt
      spares = if left >= 0
        "#{left} #{(left == 1) ? "spare" : "spares"} left"
      else
        "#{-left} missing: print more"
      end
      ["#{run.marks.map(&:title).join(" and ")} × #{run.pieces}", ("#{spoilt} spoilt, #{spares}" if spoilt.positive?)]
        .compact
        .join(" · ")
    end

    private

    # when the prints of this lot were made
    def printed_at
      run.step_ends.select { |ended| ended.step.start_with?("print") }.map { |ended| ended.done_at.to_f }.max ||
        run.began_at.to_f
    end

    def walk = @walk ||= run.walk

    # its last word is that it was spoilt
    def lost?(turn)
      mark, piece = run.owner(turn)
      tries = mark.attempts.select { |attempt| attempt.piece == piece }
      tries.any? && tries.all? { |attempt| attempt.result == "spoilt" }
    end

    # steps as they are counted: each by itself, rounds of all pieces together
    def parts
      @parts ||= run.steps_core.chunk_while { |one, other| one.turn && other.turn && one.lot == other.lot }.to_a
    end

    # "lot 2 of 3", "tray 1 of 2"
    def lot_words
      return unless step.lot
      " · #{(step.place == :oven) ? "tray" : "lot"} #{step.lot} of #{step.lots}"
    end

    def face(turn)
      ClockFace.of(turn, step, state)
    end

    # down to a moment a second is counted until it is over, up from one once it has passed
    def figure(face)
      case face.count
      when "down" then Moments.span([face.to / 1000.0 - @now.to_f, 0].max + 0.999)
      when "up" then Moments.span(@now.to_f - face.to / 1000.0)
      else face.figure
      end
    end

    def moment(seconds) = Moments.clock(Time.at(seconds), @now)
  end
end
