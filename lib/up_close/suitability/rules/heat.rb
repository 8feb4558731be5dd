# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # No method hotter than what the piece takes (handbook, “Surfaces”, starting values).
      module Heat
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          heat, limit = heat(situation), situation.heat_limit_c
          return unless heat && limit && heat > limit
          Finding.stop(
            :heat, "Heat on the piece",
            figure: "#{heat} °C", value: heat, unit: "°C", limit: limit,
            working: Working.new(
              "#{heat} °C against #{limit} °C for #{situation.ground_words}",
              source: "#{limit} °C is a starting value; the maker of the material knows better"
            ),
            reason: "#{situation.ground_words.sub(/\A./, &:upcase)} takes about #{limit} °C.",
            remedy: "Choose a method without heat: water-slide film, gel medium, tape lift."
          )
        end

        # as its schools have it, or as hot as it gets
        def heat(situation)
          if situation.setting
            [situation.transfer_method.heat_c, *situation.setting.steps.map(&:temperature_c)].compact.max
          else
            situation.transfer_method.heat_c
          end
        end
      end
    end
  end
end
