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

    # moments for the page's clock, in milliseconds
    def moments = {now: ms(@now.to_f), opens: ms(state.opens_at), closes: ms(state.closes_at), best: ms(state.best_at)}

    # what the clock says as the page is made
    def clock
      case state.name
      when :early then [step.wait? ? "Ready in" : "Not yet: opens in", Moments.span(state.opens_at - @now.to_f + 0.999)]
      when :open, :best, :closing
        return ["Open, best in", Moments.span(state.best_at - @now.to_f + 0.999)] if state.name == :open && state.best_at
        state.closes_at ? ["#{open_words} for another", Moments.span(state.closes_at - @now.to_f)] : ["Long enough", "now"]
      when :late then ["Late by", Moments.span(@now.to_f - state.closes_at)]
      when :over then ["Past its longest by", Moments.span(@now.to_f - state.closes_at)]
      end
    end

    # "best from 19:05, before 19:40"
    def clock_note
      parts = []
      parts << "from #{moment(state.opens_at)}" if state.opens_at && state.early?
      parts << "best from #{moment(state.best_at)}" if state.best_at && @now.to_f < state.best_at
      parts << "before #{moment(state.closes_at)}" if state.closes_at
      parts.join(", ")
    end

    def late_words = step.late || "Look closely before you go on; take a spare if in doubt."

    # the piece is ready then, if every step takes its least time
    def ready = Time.at(@clockwork.ready_at(@now.to_f))

    def ready_words = Moments.clock(ready, @now)

    def copies_words
      spoilt = run.mark.attempts.count { |a| a.result == "spoilt" }
      left = run.mark.copies_wanted - run.mark.good_wanted - spoilt
      spares = if left >= 0
        "#{left} #{(left == 1) ? "spare" : "spares"} left"
      else
        "#{-left} short: print more"
      end
      ["#{run.mark.title} × #{run.mark.copies_wanted}", ("#{spoilt} spoilt, #{spares}" if spoilt.positive?)].compact.join(" · ")
    end

    private

    def open_words
      return "Good" if step.wait?
      (state.name == :best) ? "Best now, open" : "Open"
    end

    def ms(seconds) = seconds && (seconds * 1000).round

    def moment(seconds) = Moments.clock(Time.at(seconds), @now)
  end
end
