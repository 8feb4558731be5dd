# frozen_string_literal: true

module UpClose
  module Purposes
    # What is printed keeps an etching bath off the metal, and stands up afterwards.
    class Resist < Purpose
      key "resist"
      listed 30
      title "A resist to etch round"
      summary "What is printed stays standing; what is bare is eaten away."
      needs :metal
      limits tones: false, every_place: true, bare_share: 0.3..0.7
      inked false
      usual_sealer "none"
      checks_words "Every thin line and gap counts, each single place, and how much of the metal stays bare."
      finish_title "None before the bath"
      finish_words "A coat over the resist would be etched round as well. Seal the etched piece."
      otherwise "That does not stop an etching bath."
    end
  end
end
