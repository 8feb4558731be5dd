# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A sheet that was not made for this.
      class WrongStock < Cause
        key "wrong-stock"
        title "The sheet was not made for this"
        usual 0.4
        looks_like "ink that cracks off the sheet, or never leaves it"
        tell_apart "another sheet of the same pack does the same"
        leads_to "missing-spots" => 0.35, "faint" => 0.35, "torn" => 0.3,
          "cracked" => 0.2, "smeared" => 0.15, "white-spots" => 0.15
        happens { |f| f.residue != :line }
        weighs { |f| [2.5, "the first of a new lot"] if f[:new_lot] }
        shows everywhere: 1.3
        answers "print-itself", "same" => 0.4, "whole" => 0.6
        answers "left-on-sheet", "there" => 0.7, "gone" => 0.3
        answers "waste-film", "cracks" => 0.6, "bends" => 0.4
        rescued { nil }
        next_time { change "Note the lot; try another sheet, or a coupon of this one first." }
      end
    end
  end
end
