# frozen_string_literal: true

module UpClose
  # The usual cautions, short, by the hazard. They stand with the step and
  # never in place of the product's own sheet or local rules.
  module Cautions
    DEFER = "Your product's label, local rules and licensed trades come first."
    ALL = {
      spray: "Spray outdoors or with extraction; organic-vapour mask; no flame or spark until it has flashed off.",
      solvent: "Acetone vapour burns: no flame, spark, hot iron or heat gun until the room is aired. Dry rags flat, outdoors.",
      gloves: "Butyl gloves for acetone; nitrile only for splashes.",
      heat_after_solvent: "Solvent, then heat, is a hazard: air the room between.",
      dust: "Sand outdoors or with extraction and a mask; metal dust wet.",
      ink: "Ink marks skin and cloth. Gloves on.",
      oily_rags: "Oily rags can heat by themselves: dry them flat, outdoors.",
      food: "Up Close calls no finish food-safe: keep marks off the food face and the lip."
    }.freeze

    def self.fetch(key) = ALL.fetch(key.to_sym)
  end
end
