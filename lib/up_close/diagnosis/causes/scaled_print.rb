# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A driver that fits to page, or a printer that was never measured.
      class ScaledPrint < Cause
        key "scaled-print"
        title "The printer did not print to size"
        usual 1.0
        looks_like "all of it larger or smaller by the same share"
        tell_apart "the bar on the sheet is off as well"
        leads_to "wrong-size" => 0.95
        happens { |_| true }
        weighs { |f|
          unless f[:calibrated].nil?
            f[:calibrated] ? [0.4, "this printer is measured"] : [2.0, "this printer was never measured"]
          end
        }
        answers "bar-measured", "right" => 0.05, "off" => 0.95
        rescued { nil }
        next_time {
          change "100 %, no fit to page; measure the bar before you use a sheet.", step: "print",
            words: "Measure the bar before you use the sheet."
        }
      end
    end
  end
end
