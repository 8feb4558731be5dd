# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A surface that curves more ways than a sheet can.
      class Strained < Cause
        key "strained"
        title "The surface curves more than the sheet can"
        usual 0.9
        looks_like "folds that run to the edge"
        tell_apart "folds lie where it curves most, whatever the pressing"
        leads_to "wrinkles" => 0.88, "lifted" => 0.3, "torn" => 0.2, "cracked" => 0.15
        happens { |f| %i[film foil].include?(f.residue) }
        weighs { |f|
          next unless f[:strain]
          (f[:strain] > 0.02) ?
            [5.0, "it must give #{Working.number(f[:strain] * 100, 1)} %"] :
            [0.4, "it must give #{Working.number(f[:strain] * 100, 1)} %"]
        }
        shows rim: 1.8, middle: 0.7
        answers "waste-film", "cracks" => 0.2, "bends" => 0.8
        rescued { |f|
          f.does?("soften") ?
            save("brush softening solution on the fold and leave it alone", within_s: 600, since: "press") :
            save("warm it and press the fold down with a damp cloth")
        }
        next_time { change "Cut slits to the edge where it folds, or make it smaller." }
      end
    end
  end
end
