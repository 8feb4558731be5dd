# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # What is in a bubble.
      class PressBubble < Question
        key "press-bubble"
        act "Press a bubble with a fingertip."
        asks "Does it give?"
        answers "soft" => "It gives: air", "hard" => "It is a hard grain", "blister" => "It is a crisp blister"
        asked_where { |facts| facts.faults.include?("bubbles") }
      end
    end
  end
end
