# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether the sheet came out to scale.
      class BarMeasured < Question
        key "bar-measured"
        act "Measure the bar on the sheet."
        asks "Is it as long as it says?"
        answers "right" => "As long as it says", "off" => "Longer or shorter"
        asked_where { |facts| facts.faults.include?("wrong-size") }
      end
    end
  end
end
