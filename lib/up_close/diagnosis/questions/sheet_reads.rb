# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # How the sheet reads.
      class SheetReads < Question
        key "sheet-reads"
        act "Look at a printed sheet."
        asks "How do the letters read on it?"
        answers "reads" => "They read right", "turned" => "They are turned"
        asked_where { |facts| facts.faults.include?("wrong-way") }
      end
    end
  end
end
