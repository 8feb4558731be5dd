# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Where a bath got through.
      class PitsLook < Question
        key "pits-look"
        act "Look at the resist round a pit with a loupe."
        asks "What is under the pit?"
        answers "pinhole" => "A pinhole in the resist", "undercut" => "The resist hangs over the edge",
          "bubble" => "A round mark of a bubble"
        asked_where { |facts| (facts.faults & %w[pitted broken-through underetched]).any? }
      end
    end
  end
end
