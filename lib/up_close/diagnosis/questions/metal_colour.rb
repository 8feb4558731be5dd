# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # What the metal under a baked or ironed place shows.
      class MetalColour < Question
        key "metal-colour"
        act "Look at the paper that came off."
        asks "What colour is it?"
        answers "white" => "White", "cream" => "Just off white", "brown" => "Brown"
        asked_where { |facts| facts.method_core.heat_c }
      end
    end
  end
end
