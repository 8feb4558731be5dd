# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # What the room, or who lives in it, does not take.
      module Fumes
        module_function

        LEVELS = %i[none low strong].freeze

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          given, accepted = situation.transfer_method.fumes, situation.fumes.to_sym
          return unless LEVELS.index(given) > LEVELS.index(accepted)
          Finding.new(
            key: :fumes,
            title: "Fumes",
            verdict: (accepted == :none && given == :strong) ? :stop : :watch,
            figure: given.to_s,
            reason: "#{situation.transfer_method.title} gives off " \
              "#{(given == :strong) ? "strong vapour" : "a little vapour"}; " \
                "you asked for #{(accepted == :none) ? "none" : "little"}.",
            remedy: "Work outdoors, or choose ink offset, gel medium, tape lift or tracing."
          )
        end
      end
    end
  end
end
