# frozen_string_literal: true

module UpClose
  module Sealing
    # Cast resin or rod epoxy.
    class CastResin < Sealer
      key "cast-resin"
      listed 90
      title "Cast resin or rod epoxy"
      summary "Deep and hard; clears the haze of paper fibres."
      sheen :gloss
      coats 1
      between_s 14_400..86_400
      cure_s 259_200
      touch_s 28_800
      handle_s 86_400
      coated_cm2_a_minute 60
      least_ml 10
      film_rest_s 86_400
      spray_first :film, :dye_ink, :foil
      wet_um 600
      sold cents: 1600, ml: 100
      can_ml 100
      cautions :gloves_nitrile
      # by weight, no less than can be weighed out
      coat_words "Mix by weight and pour thin. Warm air takes out the bubbles."
      stands :outdoors, :watch, "Sun turns it yellow within a year. A varnish with UV protection over it prevents that."
      stands :warm, :watch, "It softens from about 60 °C."
      over :film,
        :watch,
        "Air and water under film come up as bubbles.",
        "Let the film dry for a day and spray one coat first; both are steps."
      over :toner, :fine, "It clears haze."
      over :dye_ink, :watch, "It can take dye ink along.", "A spray coat first prevents that; it is one of the steps."
    end
  end
end
