# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A room, and so a piece, too cold for what is laid wet to take (handbook, “Batches and the room”).
      module ColdRoom
        # below this wet ink, gel and lacquer take slowly: a starting value
        COLD_C = 15
        FACTOR = 0.9

        module_function

        # @return [Finding, nil]
        def call(situation)
          warmth = situation.temperature_c
          return if warmth.nil? || warmth >= COLD_C || !situation.transfer_method.laid_wet?
          Finding.watch(
            :cold_room, "A cold room",
            factor: FACTOR,
            figure: "#{Working.number(warmth, 1)} °C", value: warmth, unit: "°C", limit: COLD_C,
            working: Working.new("#{Working.number(warmth, 1)} °C against #{COLD_C} °C", source: "a starting value"),
            reason: "On a cold piece it takes slowly, and dries slowly.",
            remedy: "Warm the piece to the room you live in before you print, and lay it there."
          )
        end
      end
    end
  end
end
