# frozen_string_literal: true

module UpClose
  module Methods
    # The design traced through carbon or transfer paper (handbook, “Tracing”).
    class Tracing < Definition
      key "tracing"
      listed 120
      title "Carbon or transfer paper"
      summary "Tape the print down over carbon paper and trace it with a ball pen. Slow, as exact as your hand; a " \
        "mistake can be rubbed out."
      undo "Rub it out. Nothing is lost."
      on_a_miss :rubbed_out
      chance 0.97
      serves :guide, wood: 1, paper: 1, plastic: 1, glass: 1, stone: 1, leather: 1, cloth: 1, cork: 1, metal: 2
      serves :pattern, wood: 2, paper: 2, plastic: 2, metal: 3, leather: 2, cloth: 2, cork: 2
      printers :laser, :inkjet
      stocks "letter-paper"
      residue :line
      seals_with "none"
      fumes :none
      movable :yes, "rub it out, trace again"
      on_dark "with white or yellow paper"
      wear "a guide, to be burned, carved or painted over"
      works_on(*Materials::FAMILIES, coated: true, why: "A traced line shows on anything that is not slick.")
      # the pen draws a line of its own, whatever the print's is
      HOLDS = {
        line_mm: nil,
        gap_mm: 0.6,
        solid_mm: nil,
        tones: false,
        line_dpi: 150,
        dpi: 150,
        spread_mm: 0.1,
        advisory: true
      }
        .freeze
      holds laser: HOLDS, inkjet: HOLDS
      low_risk
      # handbook, “Tracing”: 120 mm of line a minute
      traced_mm_a_minute 120

      passage "Printed on the paper, face up"
      passage "Traced through, the carbon side down"

      choice :colour, "Carbon", {
        dark: ["dark", "for light wood and paper"],
        white: ["white or yellow", "for dark wood; colours can tell parts apart"]
      }, fact: true, on_dark: :white
      choice :colours, "Colours", {
        one: ["one carbon for all of it", "the usual"],
        two: ["two, one after the other", "parts told apart; the carbon is changed on the hinge"],
        three: ["three, one after the other", "parts told apart; the carbon is changed twice"]
      }, fact: true
      border 10.0
      sights :trace, :mend,
        right: [:sharp, "a thin, even line"],
        early: [:faint, "hardly seen: press harder"],
        late: [:smeared, "smudged: the hand lay on it"],
        called: ["too light", "too heavy"]

      # carbons, and what changing one costs, s
      CARBONS = {one: 1, two: 2, three: 3}.freeze
      CHANGED_S = 45

      work do |s|
        carbons = CARBONS.fetch(s.picked[:colours])
        colour = (s.picked[:colour] == :white) ? "white or yellow" : "dark"
        hands :print, "Print it", "As it reads, 100 %.", phase: :print, lasts: 60, each: through_printer, for: :sheet
        hands :pencil,
          "Draw the pencil lines", "As on the bench card.", phase: :prepare, lasts: 30, each: 60, for: :piece
        round do
          hands :tape, "Tape the design down, carbon side down",
            "On the pencil lines, one edge as a hinge; #{colour} carbon under it.",
            consumes: carbon_sheets(carbons), lasts: 10, each: 60, hinged: true, look_for: "the ticks on your lines."
          hands :trace, "Trace with a ball pen", "Steady, once over each line; a coloured pen shows what is done.",
            lasts: 10, each: along_lines(Tracing.traced_mm_a_minute, fixed: 20 + (carbons - 1) * CHANGED_S),
            look_for: "no line is missing: lift on the hinge " \
              "before you take it off.",
            never: "lean on the carbon: it marks."
          hands :mend, "Repair with a pencil", "Rub out what went wrong.", lasts: 10, each: along_lines(1200, fixed: 30)
        end
      end
    end
  end
end
