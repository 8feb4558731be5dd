# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Where the missing ink is.
      class LeftOnSheet < Question
        key "left-on-sheet"
        act "Look at the sheet that came off."
        asks "Is the missing ink still on it?"
        answers "there" => "Yes, it stayed on the sheet", "gone" => "No, the sheet is clean there"
        asked_where { |facts| !%i[line film].include?(facts.residue) }
      end
    end
  end
end
