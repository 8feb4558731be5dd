# frozen_string_literal: true

module UpClose
  # The usual cautions, short, by the hazard. They stand with the step and
  # never in place of the product's own sheet or local rules.
  module Cautions
    DEFER = "Your product's label, local rules and licensed trades come first."
    ALL = {
      spray: "Spray outdoors or with extraction; organic-vapour mask; no flame or spark until it has flashed off.",
      solvent: "Acetone vapour burns: no flame, spark, hot iron or heat gun until the room is aired. Dry rags flat, " \
        "outdoors.",
      gloves: "Butyl gloves for acetone; nitrile only for splashes.",
      heat_after_solvent: "Solvent, then heat, is a hazard: air the room between.",
      dust: "Sand outdoors or with extraction and a mask; wet-sand metal.",
      ink: "Ink marks skin and cloth. Gloves on.",
      oily_rags: "Oily rags can heat by themselves: dry them flat, outdoors.",
      gloves_nitrile: "Nitrile gloves; resin and its hardener sensitise skin. Air the room.",
      alcohol: "Alcohol vapour burns: no flame or hot tool until it has flashed off. Nitrile gloves.",
      varnish: "Varnish and its vapour burn: air the room; dry rags flat, outdoors.",
      adhesive: "Spray adhesive outdoors or with extraction, mask on; no flame or spark until it has flashed off.",
      heat: "Irons, plates and guns burn skin and scorch: stand, cloth, window open.",
      oven: "An oven used for craft media is not used for food again unless the medium's label allows it. Release " \
        "sheets of PTFE never above 260 °C.",
      blade: "A fresh blade, cut away from your hand.",
      scrape: "A blade held flat slips: scrape away from the hand that holds the piece.",
      jam: "A loose edge jams in the printer or melts on its fuser: never send wax paper through a laser printer.",
      burn: "Burn bare, untreated wood only, with the window open.",
      burn_ink: "Toner and ink smoke as they burn: window open, a fan that draws the smoke away from your face.",
      graver: "A graver slips: the holding hand behind the point, never before it. Glasses on.",
      carving: "The holding hand stays behind the edge. A sharp edge slips less.",
      glass_dust: "Glass and stone dust harm lungs: work wet, mask on.",
      peroxide: "Acid and peroxide give off heat and gas: small amounts, never stoppered, never with bleach.",
      no_solvents: "Never acetone or alcohol in or near this bath: with peroxide or persulphate they can explode.",
      dry_first: "Rinse, neutralise and dry the piece before acetone or alcohol comes near it, and use other rags.",
      spent_open: "Never store a spent bath closed: it gives off gas. Loose lid, labelled plastic vessel, outdoors.",
      current: "Isolated low-voltage supply, off while hands are in; no brine, which gives off chlorine; window open.",
      patina: "Patinas are poisonous and some fume: gloves, window open, off skin and food; their own sheet first.",
      hydrogen: "It gives off hydrogen, which burns: window open, no flame, small plates.",
      etchant: "Etching bath: goggles, gloves, apron, window open; plastic or glass vessels only. Acid into water, " \
        "never the reverse. What is spent goes to the hazardous-waste point.",
      food: "We call no finish food-safe. Keep marks off the food side and the lip."
    }.freeze

    # @param key [Symbol, String]  @return [String]  @raise [KeyError]
    def self.fetch(key) = ALL.fetch(key.to_sym)
  end
end
