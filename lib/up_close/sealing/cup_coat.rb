# frozen_string_literal: true

module UpClose
  module Sealing
    # Brush-on two-part or acrylic coat for cups.
    class CupCoat < Sealer
      key "cup-coat"
      title "Brush-on cup coat"
      summary "Thick and clear: three coats under, three to five over, five days before use."
      sheen :gloss
      coats 4
      fewest 3
      between_s 14_400..43_200
      cure_s 432_000
      wet_um 90
      can_ml 120
      cautions :gloves_nitrile
      coat_words "Two to three ml on a cup, level, the cup turning."
      over :film, :watch, "Its first coat can float film.", "One spray coat first."
      over :toner, :fine, "Toner takes it well."
      over :dye_ink, :watch, "Its first coat can carry dye ink along.", "One spray coat first."
    end
  end
end
