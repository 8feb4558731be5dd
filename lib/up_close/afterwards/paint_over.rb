# frozen_string_literal: true

module UpClose
  module Afterwards
    # The guide filled in by brush.
    class PaintOver < Work
      key "paint-over"
      follows "guide"
      listed 40
      title "Paint over it"
      summary "With a brush, in any colour. The guide disappears under it."
      works_on(*Materials::FAMILIES, why: "")
      remedy "Leave it as the picture."

      # mm of outline a minute, and cm² filled a minute: starting values
      OUTLINED_A_MINUTE = 100
      FILLED_CM2_A_MINUTE = 12
      PAINT_UM = 60

      work do |s|
        inked = size.box_mm2 * size.coverage
        words = "A fine brush, turned so that its edge follows the line."
        words += " Under a light colour, coat the guide with shellac or primer first: ink shows through." if
          s.transfer_method.residue == :dye_ink
        hands :outline, "Paint the outlines", words, consumes: [coat("paint", PAINT_UM, mm2: inked, least: 1)],
          phase: :after, lasts: 120, each: along_lines(OUTLINED_A_MINUTE), look_for: "paint over every line.",
          faults: %w[ran]
        hands :fill, "Fill them in", "From the outline inward, thin.",
          phase: :after, lasts: 60, each: Methods::Pace.area(inked, FILLED_CM2_A_MINUTE, fixed: 20),
          look_for: "an even coat, no guide showing."
        wait :paint_dry, "Let the paint dry", "As its label says: half an hour is usual for acrylic paint.",
          phase: :after, lasts: 1800..nil, dries: :water, early: "Wet paint smears.",
          moments: {touch: 1800, next_coat: 3600, handle: 14_400, full: 86_400}
      end
    end
  end
end
