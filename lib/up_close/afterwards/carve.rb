# frozen_string_literal: true

module UpClose
  module Afterwards
    # Wood taken away along the line with knife, gouge or chisel.
    class Carve < Work
      key "carve"
      follows "guide"
      listed 30
      title "Carve along it"
      summary "With knife, gouge or chisel; the line is the limit."
      works_on :wood, :cork, why: "It works on wood and on materials that cut like wood."
      remedy "Engrave it, or paint over the guide."

      # mm a minute: starting values
      CARVED_A_MINUTE = 40
      STOPPED_A_MINUTE = 120

      work do |s|
        hands :darken, "Darken faint lines", "With a pencil, before the guide rubs off under your hand.",
          phase: :after, lasts: 20, each: along_lines(600)
        hands :stop_cuts, "Stop cuts along the lines", "Upright, on the line, first where the grain runs across it.",
          phase: :after, lasts: 60, each: along_lines(STOPPED_A_MINUTE), cautions: %i[carving],
          look_for: "a cut that meets the next."
        hands :carve, "Carve up to them", "Away from your hands, with the grain, towards the stop cut.",
          phase: :after, lasts: 120, each: own_pace(along_lines(CARVED_A_MINUTE), s.work_s), cautions: %i[carving],
          look_for: "a clean edge on the line.", never: "lever against an edge that is to stay."
        hands :clean_off, "Take off what is left of the guide", "A soft eraser, then 400 grit with the grain.",
          phase: :after, lasts: 20, each: over_trim(60, fixed: 20), cautions: %i[dust],
          look_for: "no line on the face."
      end
    end
  end
end
