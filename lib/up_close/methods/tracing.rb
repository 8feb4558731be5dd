# frozen_string_literal: true

module UpClose
  module Methods
    # The design traced through carbon or transfer paper.
    class Tracing < Definition
      key "tracing"
      title "Carbon or transfer paper"
      summary "Tape the print down over carbon paper and trace it with a ball pen. Slow, as true as your hand; a mistake can be rubbed out."
      undo "Rub it out. Nothing is lost."
      chance 0.97
      printers :laser, :inkjet
      stocks "letter-paper"
      residue :line
      fumes :none
      movable "yes: rub it out, trace again"
      on_dark "with white or yellow paper"
      wear "a guide, to be burned, carved or painted over"
      works_on :wood, :metal, :plastic, :paper, :glass, coated: true, why: "A traced line shows on anything that is not slick."
      holds laser: {line_mm: 0.5, gap_mm: 0.6, solid_mm: 3.0, tones: false, line_dpi: 150, dpi: 150, spread_mm: 0.1}, inkjet: {line_mm: 0.5, gap_mm: 0.6, solid_mm: 3.0, tones: false, line_dpi: 150, dpi: 150, spread_mm: 0.1}
      low_risk
      # handbook 9.12: 120 mm of line a minute
      traced_mm_a_minute 120

      passage "Printed on the paper, face up"
      passage "Traced through, the carbon side down"

      choice :colour, "Carbon", {
        dark: ["dark", "for light wood and paper"],
        white: ["white or yellow", "for dark wood; colours can tell parts apart"]
      }, fact: true
      choice :after, "Afterwards", Afterwards::ON_WOOD
      border 10.0

      work do |s|
        hands :print, "Print it", "As it reads, 100 %.", phase: :print, lasts: 60
        hands :pencil, "Draw the pencil lines", "As on the bench card.", phase: :prepare, lasts: 30, each: 60
        hands :tape, "Tape the design down, carbon side down", "On the pencil lines, one edge as a hinge; #{(s.picked[:colour] == :white) ? "white or yellow" : "dark"} carbon under it.", takes: [["carbon paper", 0.1, "sheets"]], lasts: 30, each: 90, look_for: "the ticks on your lines."
        hands :trace, "Trace with a ball pen", "Steady, once over each line; a coloured pen shows what is done.", lasts: 30, each: 420, look_for: "no line forgotten: lift on the hinge before you take it off.", never: "lean on the carbon: it marks."
        hands :mend, "Mend with a pencil", "Rub out what went astray.", lasts: 30, each: 90
        Afterwards.tell(self, s)
      end
    end
  end
end
