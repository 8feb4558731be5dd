# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A mark so large that what is spread first goes tacky before the print lies in it.
      module OpenTime
        module_function

        # how long spreading over one copy takes, against how long it stays open
        def call(situation)
          usual = situation.setting && situation.transfer_method.open_s(situation.setting) or return
          open_s = usual * (situation.climate&.factor(:water) || 1)
          spread = spreading(situation.setting.steps) or return
          return if spread.each_s <= open_s
          Finding.new(
            key: :open_time,
            title: "Open time",
            verdict: (spread.each_s > 2 * open_s) ? :stop : :watch,
            factor: 0.6,
            figure: "#{minutes(spread.each_s)} min",
            value: spread.each_s,
            unit: "s",
            limit: open_s,
            working: Working.new(
              "#{spread.pace}, against #{Working.number(open_s, 0)} s open", source: "starting values"
            ),
            reason: "Spreading takes #{minutes(spread.each_s)} minutes; it goes tacky after #{minutes(open_s)}. " \
              "Tacky gel does not transfer.",
            remedy: "Make it smaller, lay it in parts, or choose a method that is not laid into a wet coat."
          )
        end

        # the step whose end opens the window of the laying
        def spreading(steps)
          laid = steps.find { |step| step.key == "lay" } or return
          steps.find { |step| step.key == laid.after && step.each_s }
        end

        # @param seconds [Numeric]  @return [String]
        def minutes(seconds) = Working.number(seconds / 60.0, 1)
      end
    end
  end
end
