# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether what lies under the coat had dried.
      class CoatTouch < Question
        key "coat-touch"
        act "Press a thumbnail into the coat where it does not show."
        asks "Does it take a dent?"
        answers "dents" => "It takes a dent", "hard" => "It is hard"
        asked_where { |facts| (facts.faults & %w[cracked wrinkles whitened ran bled bubbles]).any? }
      end
    end
  end
end
