# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Not pressed or rubbed long enough.
      class TooLittlePressure < Cause
        key "too-little-pressure"
        lies_in "passes", "pressure"
        title "Not pressed enough"
        usual 0.9
        looks_like "pale or mottled, most of all in broad areas"
        tell_apart "the missing ink is still on the sheet, and thin lines came over"
        leads_to "faint" => 0.6, "patchy" => 0.6, "missing-spots" => 0.45
        happens { |f| f.does?("press", "rub", "burnish", "trace") && !%i[film foil line].include?(f.residue) }
        weighs { |f|
          counted, usual = f.passes.values.first
          next unless counted
          if counted < usual
            [1 + 4.0 * (usual - counted) / usual, "#{counted} #{(counted == 1) ? "pass" : "passes"} of about #{usual}"]
          else
            [0.5, "#{counted} passes"]
          end
        }
        weighs { |f|
          known = %w[press rub burnish].filter_map { |key| f.time(key) }
          time = known.find { |timed| timed.took_s && timed.planned_s } or next
          part = time.took_s / [time.planned_s, 1].max
          usual = Diagnosis.span(time.planned_s)
          [2.5, "#{time.title}: #{Diagnosis.span(time.took_s)}, about #{usual} is usual"] if part < 0.5
        }
        shows solids: 1.8, one_side: 1.3, thin_lines: 0.6, along_grain: 0.8
        answers "left-on-sheet", "there" => 0.85, "gone" => 0.15
        answers "lines-or-solids", "lines" => 0.1, "solids" => 0.65, "both" => 0.25
        answers "smooth-skin", "skin" => 0.2, "bare" => 0.8
        rescued { |f|
          save "lay it back on its hinge and press again", within_s: 300, since: "press" if f.does?("peek")
        }
        next_time { |f|
          key = %w[press rub burnish trace].find { |step| f.does?(step) }
          change "Press longer, over all of it, each pass across the last.", step: key,
            words: "Over all of it, each pass across the last; count them."
        }
      end
    end
  end
end
