# frozen_string_literal: true

module UpClose
  module Purposes
    # An outline to cut along, or to draw round.
    class Pattern < Purpose
      key "pattern"
      listed 40
      title "A pattern"
      summary "To cut out, or to draw round."
      limits tones: true, solid_mm: nil, advisory: true, every_place: false, dpi: 150, line_dpi: 150
      inked false
      usual_sealer "none"
      checks_words "Only the outline counts. We leave out the checks for colours, greys and large dark areas."
      finish_title "None over the pattern"
      finish_words "The line is cut away or rubbed out. Finish the piece once it is cut."
      refuses :film, "There is no line to cut along that a saw would not lift."
      refuses :medium, "It would have to be sanded off after the cut."
      refuses :tape, "It lifts under a saw and gums its teeth."
      refuses :foil, "It hides the line that is to be cut."
      refuses :resist, "It is made to stop an etching bath, not to be cut along."
      otherwise "It gives no line to cut along."
    end
  end
end
