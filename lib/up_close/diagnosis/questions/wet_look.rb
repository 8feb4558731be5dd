# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # What a wipe of water or alcohol shows of a haze.
      class WetLook < Question
        key "wet-look"
        act "Wipe a hazy place with a damp finger."
        asks "Is it clear while it is wet?"
        answers "clears" => "Clear while wet", "stays" => "As hazy as before"
        asked_where { |facts| (facts.faults & %w[haze whitened silvering]).any? }
      end
    end
  end
end
