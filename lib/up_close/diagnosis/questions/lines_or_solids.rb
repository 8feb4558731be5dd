# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Which parts of the picture failed.
      class LinesOrSolids < Question
        key "lines-or-solids"
        act "Compare a thin line with a broad area."
        asks "Which of them failed?"
        answers "lines" => "The thin lines", "solids" => "The broad areas", "both" => "Both alike"
        asked_where { |facts| (facts.faults & %w[missing-spots faint patchy torn broken-through]).any? }
      end
    end
  end
end
