# frozen_string_literal: true

module UpClose
  module Sealing
    # Left as it is.
    class NoSealer < Sealer
      key "none"
      listed 120
      title "Left bare"
      summary "For things that nobody touches."
      coats 0
      over :film, :watch, "Bare film scratches and lifts at its edge.", "Two gloss coats bury the edge."
      over :toner, :watch, "Bare toner rubs off with handling.", "Two spray coats hold it."
      over :resist, :fine, "That is right: it comes off again after the bath."
      over :medium, :fine, "Hard enough if it is not handled much."
      over :line, :fine, "A guide needs no coat."
      over :dye_ink, :watch, "Bare dye ink runs when it gets wet, and fades.", "Two thin spray coats hold it."
    end
  end
end
