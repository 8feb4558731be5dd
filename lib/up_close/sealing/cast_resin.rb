# frozen_string_literal: true

module UpClose
  module Sealing
    # Cast resin or rod epoxy.
    class CastResin < Sealer
      key "cast-resin"
      title "Cast resin or rod epoxy"
      summary "Deep and hard; clears the haze of paper fibres."
      sheen :gloss
      coats 1
      between_s 14_400..86_400
      cure_s 259_200
      wet_um 600
      can_ml 100
      cautions :gloves_nitrile
      coat_words "Mixed by weight, poured thin, bubbles drawn out with a breath of warm air."
      over :film, :watch, "Air under film comes up as bubbles.", "One spray coat first."
      over :toner, :fine, "It clears haze."
      over :dye_ink, :watch, "It can carry dye ink along.", "One spray coat first."
    end
  end
end
