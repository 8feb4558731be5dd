# frozen_string_literal: true

module UpClose
  module EtchFinishes
    # Paint left standing in the etched lines.
    class PaintedLines < Finish
      key "painted-lines"
      listed 20
      title "Paint in the lines"
      summary "Enamel paint fills what is etched; the faces are wiped clean."
      metals "copper", "brass", "silver", "steel", "stainless", "aluminium"

      work do |_|
        hands :fill_lines, "Fill the lines with paint", "Thin enamel, worked in with a brush, all over.",
          consumes: [coat("enamel-paint", 60, least: 2)], phase: :after, lasts: 60, each: over_trim(60, fixed: 60),
          cautions: %i[solvent], look_for: "no bubble left in a line."
        wait :fill_sets, "Let it skin over", "Until a fingertip leaves no print.", phase: :after, lasts: 1200..nil,
          dries: true, early: "Wet paint is pulled out of the lines."
        hands :wipe_face, "Wipe the faces", "A flat card with a rag round it, once each way; a new place each time.",
          consumes: [rag("white", "white spirit")], phase: :after, lasts: 30, each: over_trim(80, fixed: 30),
          cautions: %i[solvent], look_for: "clean faces, full lines."
        wait :fill_dry, "Let the paint harden", "Flat, out of the dust.", phase: :after, lasts: 43_200..nil,
          dries: true, early: "It is soft below its skin."
      end
    end
  end
end
