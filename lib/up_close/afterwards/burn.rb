# frozen_string_literal: true

module UpClose
  module Afterwards
    # Lines burnt into bare wood with a hot tip.
    class Burn < Work
      key "burn"
      follows "guide"
      listed 10
      title "Burn over it"
      summary "It lasts longest; bare, untreated wood only."
      hot
      works_on :wood, :cork, bare: true, untreated: true,
        why: "Burning paint, varnish, glue, plastic or treated timber gives off poison."
      remedy "Burn bare, untreated wood only: remove the coat, or carve or paint over the guide."

      # mm of outline a minute, and cm² of shading a minute: starting values
      OUTLINED_A_MINUTE = 60
      SHADED_CM2_A_MINUTE = 4

      work do |s|
        fumes = %i[toner dye_ink].include?(s.transfer_method.residue) ? %i[burn burn_ink] : %i[burn]
        inked = size.box_mm2 * size.coverage
        hands :outline, "Burn the outline",
          "A fine tip, an even speed: let the tip do the work. Slower is darker. Outline first.",
          phase: :after, lasts: 120, each: own_pace(along_lines(OUTLINED_A_MINUTE), s.work_s), cautions: fumes,
          look_for: "an even brown line.", never: "burn through paint, varnish, glue or treated timber."
        hands :fill, "Fill with a shader", "From light to dark, along the grain. Keep it moving.",
          phase: :after, lasts: 60, each: Methods::Pace.area(inked, SHADED_CM2_A_MINUTE, fixed: 30), cautions: fumes,
          look_for: "even shades, no dark stop where the tip rested."
        hands :clean_off, "Take off what is left of the guide",
          "A soft eraser, then 400 grit with the grain, lightly; wipe the dust off.",
          phase: :after, lasts: 20, each: over_trim(60, fixed: 20), cautions: %i[dust],
          look_for: "no line beside the burnt ones."
      end
    end
  end
end
