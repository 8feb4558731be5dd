# frozen_string_literal: true

module UpClose
  module Purposes
    # Lines to be burnt, carved, engraved or painted over: they only have to be seen.
    class Guide < Purpose
      key "guide"
      listed 20
      title "A guide to work over"
      summary "To burn, carve, engrave or paint over."
      limits tones: true, solid_mm: nil, advisory: true, every_place: false, dpi: 150, line_dpi: 150
      inked false
      usual_sealer "none"
      checks_words "Lines may be pale. We leave out the checks for colours, greys and large dark areas."
      finish_title "None over the guide; the finish comes after the work"
      finish_words "A coat smokes under a hot tip and blunts a blade. Seal waits until the lines are worked."
      refuses :film, "Nothing may lie between the tool and the piece: film melts and smokes under a burner, and " \
        "lifts under a blade."
      refuses :medium, "Nothing may lie between the tool and the piece: dried medium is plastic, and smokes when burnt."
      refuses :tape, "Nothing may lie between the tool and the piece: tape melts under a burner and drags under a " \
        "blade."
      refuses :foil, "Foil hides the piece; there is nothing to work over."
      refuses :resist, "It is made to stop an etching bath, and has to be dissolved again."
      otherwise "It cannot be worked over."
    end
  end
end
