# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # What the sheet itself does.
      class WasteFilm < Question
        key "waste-film"
        act "Bend a waste corner of the same sheet after a soak."
        asks "Does it bend?"
        answers "cracks" => "It cracks or tears", "bends" => "It bends like cloth"
        asked_where { |facts| %i[film foil].include?(facts.residue) }
      end
    end
  end
end
