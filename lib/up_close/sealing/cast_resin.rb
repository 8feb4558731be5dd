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
      can_ml 100
      cautions :gloves_nitrile
      # by weight, no less than can be weighed out
      coat_words "Mixed by weight, poured thin, bubbles drawn out with a breath of warm air."
      stands :outdoors, :watch, "Sun yellows it within a year, unless a varnish that keeps sun off goes over it."
      stands :warm, :watch, "It softens from about 60 °C."
      over :film,
        :watch,
        "Air and water under film come up as bubbles.",
        "The film dries a day, and one spray coat goes first: both are steps."
      over :toner, :fine, "It clears haze."
      over :dye_ink, :watch, "It can carry dye ink along.", "One spray coat goes first: it is a step of its own."
    end
  end
end
