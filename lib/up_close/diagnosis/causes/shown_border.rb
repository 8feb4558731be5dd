# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A ground that is not quite white, or film round the picture.
      class ShownBorder < Cause
        key "shown-border"
        title { |f| (f.residue == :film) ? "The film's border shows" : "The ground of the artwork is not quite white" }
        usual 1.0
        looks_like "an outline with straight sides round the picture"
        tell_apart "it follows the trim line or the picture's box"
        leads_to "box" => 0.95, "silvering" => 0.05
        happens { |f| f.residue != :line }
        weighs { |f|
          unless f[:tinted_ground].nil?
            f[:tinted_ground] ? [5.0, "the artwork's ground is nearly white"] : [0.6, "the artwork's ground is clear"]
          end
        }
        weighs { |f| [1.5, "cut with a border"] if f.choice.picked[:edge] == :border }
        shows rim: 1.6
        answers "print-itself", "same" => 0.6, "whole" => 0.4
        rescued { |f| save "more gloss coats bury the edge; rub down between them" if f.residue == :film }
        next_time { change "Clear the ground in Artwork; cut close, or bury the edge in gloss." }
      end
    end
  end
end
