# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Burning over what should not be burnt.
      module Burning
        module_function

        def call(situation)
          return unless situation.setting&.picked&.fetch(:after, nil) == :burn
          return if situation.material.nil? || (situation.material.key == "wood" && !situation.finish&.coated?)
          Finding.new(
            key: :burning,
            title: "Burning over it",
            verdict: :stop,
            figure: situation.ground_words,
            reason: "Burning paint, varnish, glue, plastic or treated timber gives off poison.",
            remedy: "Burn bare, untreated wood only; leave this as the mark."
          )
        end
      end
    end
  end
end
