# frozen_string_literal: true

module UpClose
  module Afterwards
    # Lines cut into metal, stone, plastic or glass with a hard point.
    class Engrave < Work
      key "engrave"
      follows "guide"
      listed 20
      title "Engrave along it"
      summary "Cut into the surface with a graver, a hand piece or a diamond point."
      works_on :metal, :plastic, :glass, :stone, :leather,
        why: "A graver tears this material."
      remedy "Carve or burn it, or paint over the guide."

      # mm of outline a minute, and cm² of hatching a minute: starting values
      CUT_A_MINUTE = 30
      FILLED_CM2_A_MINUTE = 1.5

      work do |s|
        inked = size.box_mm2 * size.coverage
        hands :darken, "Darken faint lines", "With a fine marker, before the guide rubs off under your hand.",
          phase: :after, lasts: 20, each: along_lines(600)
        hands :outline, "Engrave the outlines",
          "Held in a vice or on pitch; a light first cut on the line, then deeper. Turn the piece, not the hand.",
          phase: :after, lasts: 180, each: own_pace(along_lines(CUT_A_MINUTE), s.work_s), cautions: %i[graver],
          look_for: "a bright, even cut on the line.", never: "push against a slip: back off and begin again."
        hands :fill, "Fill and hatch", "From the outline inward, strokes alike in depth.",
          phase: :after, lasts: 60, each: Methods::Pace.area(inked, FILLED_CM2_A_MINUTE, fixed: 20),
          cautions: %i[graver]
        hands :clean_off, "Wipe off what is left of the guide", "Alcohol on a rag; then wash and dry.",
          consumes: [coat("alcohol", 60, least: 1)], phase: :after, lasts: 20, each: over_trim(100, fixed: 15),
          cautions: (s.material&.family == :glass) ? %i[alcohol glass_dust] : %i[alcohol],
          look_for: "clean metal between the cuts."
      end
    end
  end
end
