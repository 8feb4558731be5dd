# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether the ground is smooth enough for film.
      class GroundSheen < Question
        key "ground-sheen"
        act "Tilt the piece against a lamp."
        asks "How is the ground beside the mark?"
        answers "matt" => "Matt", "gloss" => "It mirrors the lamp"
        asked_where { |facts| %i[film tape].include?(facts.residue) }
      end
    end
  end
end
