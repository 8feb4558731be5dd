# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether what is there holds.
      class TapeTest < Question
        key "tape-test"
        act "Press a bit of weak tape on a corner and lift it."
        asks "Does the picture come away with it?"
        answers "comes" => "It comes away", "holds" => "It holds"
        asked_where do |facts|
          (facts.faults & %w[missing-spots lifted cracked torn patchy]).any? && facts.residue != :line
        end
      end
    end
  end
end
