# frozen_string_literal: true

module UpClose
  module Methods
    # A shape cut from card or plastic and drawn round.
    class CutTemplate < Definition
      key "cut-template"
      title "Cut template"
      summary "Print on card or glue the print to it, cut it out, draw round it. Used again and again; a half is turned over for the other half."
      undo "Rub the line out. A miscut template: print another."
      chance 0.95
      printers :laser, :inkjet
      stocks "template-card", "letter-paper"
      residue :line
      fumes :none
      movable "yes"
      on_dark "yes: paint of any colour"
      wear "a guide; the template itself lasts by its material"
      works_on :wood, :metal, :plastic, :paper, :glass, coated: true, why: "A pencil line shows on anything that is not slick."
      holds laser: {line_mm: 2.0, gap_mm: 2.0, solid_mm: nil, tones: false, line_dpi: 150, dpi: 150, spread_mm: 0.2}, inkjet: {line_mm: 2.0, gap_mm: 2.0, solid_mm: nil, tones: false, line_dpi: 150, dpi: 150, spread_mm: 0.2}
      low_risk

      passage "Printed on the card, face up"
      passage "Cut out and drawn round"

      choice :material, "Of", {
        card: ["card or manila", "a few uses"],
        plastic: ["thick clear plastic", "best all round: can be taped, bent one way, seen through"],
        aluminium: ["thin aluminium", "curved work and long use"]
      }
      border 10.0

      work do |s|
        hands :print, "Print it", "On the card, or on paper to be glued on. 100 %.", takes: [["card", 1.0, "sheets"]], phase: :print, lasts: 60
        hands :glue, "Glue it to the #{{card: "card", plastic: "plastic", aluminium: "aluminium"}[s.picked[:material]]}", "Thin, all over, under a weight.", phase: :prepare, lasts: 120
        wait :set, "Let the glue set", "Flat.", phase: :prepare, lasts: 1800..nil
        hands :inside, "Cut the inside first", "Windows, then slots: while the sheet is still stiff.", lasts: 300, cautions: %i[blade], never: "cut a bridge."
        hands :outside, "Cut the outside", "Just outside the line, then file to it.", lasts: 300, cautions: %i[blade]
        hands :draw, "Draw round it", "Held down in two places, the pencil upright against the true edge.", lasts: 20, each: 90, look_for: "its marks on your pencil lines."
      end
    end
  end
end
