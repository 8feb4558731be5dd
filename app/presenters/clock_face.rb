# frozen_string_literal: true

module Presenters
  # What the page's clock shows from when on: it only picks. +count+: "down" to +to+, "up" from it, or nil, where
  # +figure+ stands still. Moments in ms.
  ClockFace = Struct.new(:at, :name, :words, :count, :to, :figure, keyword_init: true) do
    # @param turn [UpClose::Runs::Clockwork::Turn]  @param step [UpClose::Methods::Step]
    # @param state [UpClose::Runs::Clockwork::State]
    # @return [ClockFace]
    def self.of(turn, step, state)
      words, count, to, figure = public_send(turn.name, step, state)
      new(at: ms(turn.at), name: turn.name, words: words, count: count, to: ms(to), figure: figure)
    end

    # @param seconds [Numeric, nil]
    def self.ms(seconds) = seconds && (seconds * 1000).round

    def self.early(step, state) = [step.wait? ? "Ready in" : "Not yet: opens in", "down", state.opens_at]

    def self.open(step, state)
      return ["Open, best in", "down", state.best_at] if state.best_at
      state.closes_at ? closing(step, state) : ["Long enough", nil, nil, "now"]
    end

    def self.best(_step, state)
      state.closes_at ? ["Best now, open for another", "down", state.closes_at] : ["Best now", nil, nil, "now"]
    end

    def self.closing(step, state) = ["#{step.wait? ? "Good" : "Open"} for another", "down", state.closes_at]

    def self.late(_step, state) = ["Late by", "up", state.closes_at]

    def self.over(_step, state) = ["Too long by", "up", state.closes_at]
  end
end
