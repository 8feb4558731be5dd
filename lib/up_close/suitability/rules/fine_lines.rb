# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Lines finer than the method holds.
      module FineLines
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          finest = situation.finest_mm or return
          limits = situation.limits
          limit = limits[:line_mm]
          return if limit.nil? || finest >= limit
          Finding.new(
            key: :fine_lines,
            title: "Fine lines",
            verdict: (too_much?(situation, finest, limit) && !limits[:advisory]) ? :stop : :watch,
            factor: 0.8,
            figure: "#{Working.number(finest)} mm",
            value: finest,
            unit: "mm",
            limit: limit,
            working: Working.new(
              "thinnest line #{Working.number(finest)} mm against #{Working.number(limit)} mm",
              source: limits.source(:line_mm)
            ),
            reason: "#{situation.transfer_method.title} holds lines of #{Working.number(limit)} mm.",
            remedy: "Make it larger, thicken it, or choose a finer method."
          )
        end

        # as the check of the artwork has it: over a twentieth of the length is too thin; half the limit, where
        # nobody has looked
        def too_much?(situation, finest, limit)
          situation.mostly_over_mm ? situation.mostly_over_mm < limit : finest < limit / 2
        end
      end
    end
  end
end
