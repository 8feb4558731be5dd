# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether it lay on the lines and left them.
      class CheckedLines < Question
        key "checked-lines"
        act "Look for the pencil lines."
        asks "Did it lie on them when you let go?"
        answers "on" => "Yes, it crept afterwards", "off" => "It lay beside them from the start",
          "lines" => "The lines are wrong"
        asked_where { |facts| facts.faults.include?("crooked") }
      end
    end
  end
end
