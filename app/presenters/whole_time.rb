# frozen_string_literal: true

module Presenters
  # What all of a mark's steps take from start to ready, and what that goes into.
  class WholeTime
    # @param steps [Array<UpClose::Methods::Step>]
    def initialize(steps)
      @steps = steps
    end

    # @return [Numeric] seconds, every step in its least time and every window kept
    def all_s = UpClose::Runs::LeastTime.ready_at(@steps)

    # @param now [Time] begun then
    # @return [Array<Array(String, String, Boolean)>] as BenchStep has them
    def moments(now)
      UpClose::Runs::Clockwork.new(steps: @steps, began_at: now.to_f, done_at: {}).moments(now.to_f)
        .map { |name, s| [UpClose::Methods::Step::MOMENTS.fetch(name), Moments.clock(Time.at(s), now), false] }
    end

    # @return [UpClose::Working]
    def working
      parts = {
        "by hand" => @steps.reject(&:wait?).sum(&:least_s),
        "drying and waiting" => @steps.select(&:wait?).sum(&:least_s),
        "waiting for the right moment" => UpClose::Runs::LeastTime.windows_s(@steps)
      }
      UpClose::Working.new(
        "#{parts.select { |_, s| s > 0 }.map { |words, s| "#{Moments.about(s)} #{words}" }.join(" + ")} = " \
        "#{Moments.about(all_s)}",
        source: "every step at its shortest; starting values; your product's label comes first"
      )
    end
  end
end
