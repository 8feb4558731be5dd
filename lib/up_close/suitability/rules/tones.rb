# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Greys that a method does not carry.
      module Tones
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.tones
          return if situation.limits[:tones]
          Finding.watch(
            :tones, "Greys",
            figure: "not carried", factor: 0.85,
            reason: "#{situation.transfer_method.title} holds lines and solid areas, but no greys.",
            remedy: "Turn them into dots or lines at the Artwork stage, or choose a toner method or film."
          )
        end
      end
    end
  end
end
