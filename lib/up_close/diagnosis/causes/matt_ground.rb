# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # Film lies down only on a glossy ground.
      class MattGround < Cause
        key "matt-ground"
        title "The ground was too matt for film"
        usual 1.0
        looks_like "silver or grey shimmer under clear parts of the film"
        tell_apart "the ground beside it does not mirror a lamp"
        leads_to "silvering" => 0.92, "lifted" => 0.25, "whitened" => 0.04
        happens { |f| %i[film tape].include?(f.residue) }
        weighs { |f|
          finish = f.choice.finish or next
          finish.glossy? ? [0.25, finish.title] : [2.5, "#{finish.title}, not glossy"]
        }
        shows everywhere: 1.5, one_side: 0.8
        answers "ground-sheen", "matt" => 0.9, "gloss" => 0.1
        answers "wet-look", "clears" => 0.4, "stays" => 0.6
        rescued { |f|
          save "prick it and brush softening solution on; leave it alone", within_s: nil if f.does?("soften")
        }
        next_time {
          change "Two gloss coats under it first, dry.", step: "ground",
            words: "Two gloss coats where the film will lie."
        }
      end
    end
  end
end
