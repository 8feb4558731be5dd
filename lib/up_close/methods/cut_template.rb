# frozen_string_literal: true

module UpClose
  module Methods
    # A shape cut from card or plastic and drawn round (handbook, “Cut template”).
    class CutTemplate < Definition
      key "cut-template"
      listed 130
      title "Cut template"
      summary "Print on card or glue the print to it, cut it out, draw round it. Used again and again; a half is " \
        "turned over for the other half."
      undo "Rub the line out. A miscut template: print another."
      on_a_miss :rubbed_out
      chance 0.95
      serves :pattern, wood: 1, metal: 1, plastic: 1, paper: 1, glass: 1, stone: 1, leather: 1, cloth: 1, cork: 1
      serves :guide, wood: 5, metal: 5
      printers :laser, :inkjet
      stocks "template-card", "letter-paper"
      residue :line
      seals_with "none"
      fumes :none
      movable :yes
      on_dark "yes: paint of any colour"
      wear "a guide; the template itself lasts by its material"
      works_on(*Materials::FAMILIES, coated: true, why: "A pencil line shows on anything that is not slick.")
      # narrower parts of the sheet tear; a line to draw along becomes a slot
      HOLDS = {
        line_mm: 2.0,
        gap_mm: 2.0,
        solid_mm: nil,
        tones: false,
        line_dpi: 150,
        dpi: 150,
        spread_mm: 0.2,
        advisory: true
      }
        .freeze
      holds laser: HOLDS, inkjet: HOLDS
      low_risk

      passage "Printed on the card, face up"
      passage "Cut out and drawn round"

      choice :material, "Of", {
        card: ["card or manila", "a few uses"],
        plastic: ["thick clear plastic", "best all round: can be taped, bent one way, seen through"],
        aluminium: ["thin aluminium", "curved work and long use"]
      }
      border 10.0
      sights :draw,
        right: [:sharp, "one thin line all round"],
        early: [:broken, "gaps: the pencil did not touch the edge"],
        late: [:doubled, "two lines: the template moved"],
        called: ["too loose", "it slipped"]

      # how fast a line is cut, mm a minute
      CUT_A_MINUTE = {card: 150, plastic: 80, aluminium: 40}.freeze
      DRAWN_A_MINUTE = 600

      work do |s|
        material = s.picked[:material]
        cut = CUT_A_MINUTE.fetch(material)
        hands :print, "Print it", "On the card, or on paper to be glued on. 100 %.",
          consumes: [
            sheet_share((material == :card) ? "card" : "template-#{material}")
          ], phase: :print, lasts: 60, each: through_printer, for: :sheet
        hands :glue,
          "Glue it to the #{material}",
          "Thin, all over, under a weight.",
          phase: :prepare,
          on: :backing,
          lasts: 30,
          each: over_trim(150, fixed: 30)
        wait :set,
          "Let the glue set",
          "Flat.",
          phase: :prepare,
          on: :backing,
          lasts: 1800..nil,
          dries: true,
          early: "The print creeps under the knife."
        hands :inside, "Cut the inside first", "Windows, then slots: while the sheet is still stiff.",
          phase: :prepare, lasts: 30, each: along_lines(cut, fixed: 0), cautions: %i[blade], never: "cut a bridge."
        hands :outside, "Cut the outside", "Just outside the line, then file to it.",
          phase: :prepare, lasts: 30, each: Pace.length(
            2 * (size.width_mm + size.height_mm),
            cut,
            fixed: 30
          ), cautions: %i[blade]
        hands :draw, "Draw round it", "Held down in two places, the pencil upright against the true edge.",
          lasts: 10, each: along_lines(
            DRAWN_A_MINUTE,
            fixed: 30
          ), for: :piece, look_for: "its marks on your pencil lines."
      end
    end
  end
end
