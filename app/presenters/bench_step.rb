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

    def finished? = step.nil?

    # how many runs of the same method stand at this step, this one among them
    def together = run.at_the_same(step.key).size

    def number = state.index + 1

    def total = run.steps_core.size

    # @return [Array<Symbol>] of each step: :done, :here, :ahead
    def progress = run.steps_core.each_index.map { |i|
      if i < state.index
        :done
      else
        ((i == state.index) ? :here : :ahead)
      end
    }

    def phase = "#{UpClose::Methods::Step::PHASES[step.phase]} · #{step.wait? ? "waiting" : "by hand"}"

    # What the page's clock shows from when on: it only picks.
    # +count+: "down" to +to+, "up" from it, or nil, where +figure+ stands still. Moments in ms.
    Face = Struct.new(:at, :name, :words, :count, :to, :figure, keyword_init: true)

    # @return [Array<Face>] in their order; none where nothing is waited for
    def faces = @faces ||= (state.opens_at || state.closes_at) ? @clockwork.turns.map { |turn| face(turn) } : []

    # for the page
    def clock_data = {now: ms(@now.to_f), faces: faces.map(&:to_h)}

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

    def late_words = step.when_late || "Look closely before you go on; take a spare if in doubt."

    # @return [String] what ending it before its time risks
    def risk = step.wait? ? step.risk : (step.early || "Its window has not opened: #{step.risk.sub(/\A./, &:downcase)}")

    # the piece is ready then, if every step takes its least time; what was ended early keeps its true moment
    def ready = Time.at(@clockwork.ready_at(@now.to_f))

    # all steps are done and the last coat has cured
    def ready? = finished? && ready <= @now

    # @return [Array<Array(String, String, Boolean)>] "dry to the touch", when, and whether that has come
    def moments
      @clockwork.moments(@now.to_f).map do |name, at|
        [UpClose::Methods::Step::MOMENTS.fetch(name), moment(at), at <= @now.to_f]
      end
    end

    def ready_words = Moments.clock(ready, @now)

    def copies_words
      spoilt = run.mark.attempts.count { |a| a.result == "spoilt" }
      left = run.mark.copies_wanted - run.mark.good_wanted - spoilt
      spares = if left >= 0
        "#{left} #{(left == 1) ? "spare" : "spares"} left"
      else
        "#{-left} short: print more"
      end
      ["#{run.mark.title} × #{run.mark.copies_wanted}", ("#{spoilt} spoilt, #{spares}" if spoilt.positive?)]
        .compact
        .join(" · ")
    end

    private

    def face(turn)
      words, count, to, figure = FACES.fetch(turn.name).call(step, state)
      Face.new(at: ms(turn.at), name: turn.name, words: words, count: count, to: ms(to), figure: figure)
    end

    OPEN = lambda do |step, state|
      next ["Open, best in", "down", state.best_at] if state.best_at
      if state.closes_at
        ["#{step.wait? ? "Good" : "Open"} for another", "down", state.closes_at]
      else
        ["Long enough", nil, nil, "now"]
      end
    end
    FACES = {
      early: ->(step, state) { [step.wait? ? "Ready in" : "Not yet: opens in", "down", state.opens_at] },
      open: OPEN,
      best: ->(_, state) {
        state.closes_at ? ["Best now, open for another", "down", state.closes_at] : ["Best now", nil, nil, "now"]
      },
      closing: ->(step, state) { ["#{step.wait? ? "Good" : "Open"} for another", "down", state.closes_at] },
      late: ->(_, state) { ["Late by", "up", state.closes_at] },
      over: ->(_, state) { ["Past its longest by", "up", state.closes_at] }
    }.freeze

    # down to a moment a second is counted until it is over, up from one once it has passed
    def figure(face)
      case face.count
      when "down" then Moments.span([face.to / 1000.0 - @now.to_f, 0].max + 0.999)
      when "up" then Moments.span(@now.to_f - face.to / 1000.0)
      else face.figure
      end
    end

    def ms(seconds) = seconds && (seconds * 1000).round

    def moment(seconds) = Moments.clock(Time.at(seconds), @now)
  end
end
