# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # How a sharp edge of the picture looks.
      class EdgeLook < Question
        key "edge-look"
        act "Look at a sharp edge through a loupe."
        asks "How is it blurred?"
        answers "double" => "Two edges, side by side", "soft" => "Soft all round", "shiny" => "Spread and shiny"
        asked_where { |facts| (facts.faults & %w[smeared bled ran ghost]).any? }
      end
    end
  end
end
