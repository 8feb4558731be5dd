# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Inks are filters: on a dark piece only white-backed film keeps colour.
      module DarkGround
        DARK = 45

        module_function

        def call(situation)
          return unless situation.colour && !situation.stock&.white?
          lightness = situation.colour.lightness
          return if lightness >= DARK
          Finding.new(key: :dark_ground, title: "Dark ground", verdict: :watch, figure: "L* #{lightness.round}", value: lightness, limit: DARK,
            working: Working.new("lightness of #{situation.colour.to_hex}: L* = 116 ∛Y − 16 = #{Working.number(lightness, 1)}", source: "below #{DARK} is a starting value"),
            reason: "Ink has no white of its own: black and colours are lost on a piece this dark.",
            remedy: (situation.method.key == "water-slide") ? "Use white water-slide film." : "Use water-slide on white film, or paint a light ground first.")
        end
      end
    end
  end
end
