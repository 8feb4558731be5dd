# frozen_string_literal: true

module UpClose
  module Sealing
    # Quick, but its solvent bites.
    class SprayLacquer < Sealer
      key "spray-lacquer"
      listed 20
      title "Spray lacquer"
      summary "Quick; strong fumes."
      sheen :gloss
      sprayed
      wet_um 15
      can_ml 400
      coats 4
      between_s 300..7200
      cure_s 43_200
      touch_s 300
      handle_s 7200
      cautions :spray
      coat_words "A mist, barely wet, from 30 cm."
      stands :outdoors, :watch, "It cracks outdoors within a year; renew it each spring."
      stands :wet, :watch, "Standing water whitens it."
      stands :food, :watch, "Not for the food side."
      over :film, :watch, "A wet coat can craze film.", "Mist coats only; try it on a scrap first."
      over :toner, :watch, "A wet coat can lift toner.", "Mist coats only; try it on a scrap first."
      over :dye_ink, :watch, "A wet coat makes ink run.", "Mist coats only; try it on a scrap first."

      # its thinner attacks plastics, whatever lies between
      def self.finding(residue:, material: nil, uses: [])
        return super unless material&.dissolves?
        Finding.stop(
          :sealer_pair, "#{title} on #{material.title}",
          figure: "no",
          reason: "Lacquer attacks #{material.title}.", remedy: "Use spray acrylic clear."
        )
      end
    end
  end
end
