# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # The driver turned it once more, or not at all.
      class PrintedUnturned < Cause
        key "printed-unturned"
        title "It was printed the other way round"
        usual 1.0
        looks_like "letters in mirror writing, all else right"
        tell_apart "the sheet reads as it must not"
        leads_to "wrong-way" => 0.97
        happens { |_| true }
        weighs { |f| [0.4, "the printer is measured, and its sheets were right before"] if f[:calibrated] }
        answers "sheet-reads", "reads" => 0.5, "turned" => 0.5
        rescued { nil }
        next_time {
          change "Turn mirror off in the printer's window: the file is already mirrored. Read one word on the sheet " \
            "before you use it.",
            step: "print",
            words: "Read one word on the sheet before you use it."
        }
      end
    end
  end
end
