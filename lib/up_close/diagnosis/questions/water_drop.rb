# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether the ground is greasy.
      class WaterDrop < Question
        key "water-drop"
        act "Put a drop of water on the ground beside it."
        asks "Does it spread or stand?"
        answers "stands" => "It stands as a bead", "spreads" => "It spreads"
        asked_where { |facts| %i[metal glass plastic].include?(facts.family) || facts.coated? }
      end
    end
  end
end
