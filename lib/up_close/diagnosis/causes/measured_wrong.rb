# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The piece is not as long as was typed.
      class MeasuredWrong < Cause
        key "measured-wrong"
        title "The piece was measured wrong"
        usual 0.8
        looks_like "the mark is the size it was to be, and does not fit"
        tell_apart "the bar on the sheet is right"
        leads_to "wrong-size" => 0.8, "crooked" => 0.2
        happens { |_| true }
        answers "bar-measured", "right" => 0.95, "off" => 0.05
        answers "checked-lines", "on" => 0.1, "off" => 0.1, "lines" => 0.8
        rescued { nil }
        next_time { change "Measure twice, across and down, and lay a paper copy on the piece first." }
      end
    end
  end
end
