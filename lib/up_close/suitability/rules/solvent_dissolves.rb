# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Acetone and lacquer thinner attack many plastics, paints and lacquers.
      module SolventDissolves
        module_function

        # @return [Finding, nil]
        def call(situation)
          solvent = situation.transfer_method.solvent_in(situation.setting) or return
          victim = victim(situation) or return
          Finding.stop(
            :solvent_dissolves, "#{solvent.capitalize} on the piece",
            figure: situation.ground_words,
            reason: "#{solvent.capitalize} dissolves #{victim}.",
            remedy: "Use water-slide film, which needs only water, or work on bare wood or abraded metal."
          )
        end

        # @param situation [Situation]  @return [String, nil] what the solvent would attack
        def victim(situation)
          return situation.material.title if situation.material&.dissolves?
          return unless situation.finish&.coated?
          situation.finish.painted? ? "most paints" : "varnish and lacquer"
        end
      end
    end
  end
end
