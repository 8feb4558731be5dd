# frozen_string_literal: true

module UpClose
  # The cautions by hazard: what is needed on the bench, what never to do, and the methods it concerns.
  module Safety
    # One hazard. +keys+ are those of Cautions. Frozen.
    Hazard = Value.define(:key, :title, :needs, :never, :keys, keyword_init: true)

    ALL = [
      Hazard.new(
        key: "solvent", title: "Solvents and sprays",
        needs: ["open window and a fan, or outdoors", "butyl gloves for acetone, nitrile for alcohol",
          "organic-vapour mask for sprays", "a metal tray, to dry rags flat outdoors"],
        never: "No flame, spark, hot iron or heat gun until the room is aired.",
        keys: %i[spray solvent gloves heat_after_solvent alcohol varnish adhesive oily_rags gloves_nitrile ink]
      ),
      Hazard.new(
        key: "heat", title: "Heat",
        needs: ["a heat-proof surface and a stand", "an oven kept for craft", "an oven thermometer",
          "dry gloves or cloth"],
        never: "Never send wax paper through a laser printer. Never use an oven for food after craft media.",
        keys: %i[heat oven burn burn_ink jam]
      ),
      Hazard.new(
        key: "dust", title: "Dust and edges",
        needs: ["a dust mask", "extraction, or outdoors", "water, for wet sanding of metal, stone and glass",
          "safety glasses", "a cutting board and a fresh blade"],
        never: "Never cut toward the hand that holds the piece.",
        keys: %i[dust glass_dust blade scrape graver carving]
      ),
      Hazard.new(
        key: "etch", title: "Etching baths and patinas",
        needs: ["goggles, gloves and an apron", "plastic or glass vessels", "open window",
          "water, and soda to neutralise", "a labelled bottle for used bath"],
        never: "Never add water to acid. Never close the vessel. Never pour the bath into a drain.",
        keys: %i[etchant peroxide no_solvents dry_first spent_open current hydrogen patina]
      ),
      Hazard.new(
        key: "food", title: "Food, mouth and skin",
        needs: ["a finish that is sold for food contact"],
        never: "Never put a mark on the food face or the lip.",
        keys: %i[food]
      )
    ].freeze

    # @param key [Symbol] of Cautions  @return [Hazard, nil]
    def self.of(key) = ALL.find { |hazard| hazard.keys.any?(key.to_sym) }

    # what methods a hazard concerns: those that show one of its cautions at a step
    # @param hazard [Hazard]  @return [Array<Class>]
    def self.methods_with(hazard)
      Methods.all.select do |method|
        method.schools.any? { |setting| setting.steps.any? { |step| (step.cautions & hazard.keys).any? } }
      end
    end
  end
end
