# frozen_string_literal: true

module UpClose
  module Methods
    # Inkjet ink, still wet on a slick sheet, pressed onto porous ground.
    class InkOffset < Definition
      key "ink-offset"
      title "Wet ink offset"
      summary "Print on a slick sheet, the ink stays wet, press it onto bare smooth wood or chalky paint. No solvent, no heat."
      undo "Sand back. Too dark: blot at once."
      chance 0.65
      printers :inkjet
      stocks "label-backing", "photo-paper-back"
      residue :dye_ink
      fumes :none
      movable "no"
      wear "poor until it is sealed"
      largest along: 200, why: "It is laid in one touch, and a large sheet is hard to lay without a slide."
      holds inkjet: {line_mm: 0.35, gap_mm: 0.35, solid_mm: 12.0, tones: false, spread_mm: 0.08}

      passage "Printed on the slick side, face up"
      passage "Laid face down on the piece", turned: true
      passage "Pressed on, the sheet peeled back"

      border 3.0

      work do |s|
        hands :ground, "Sand it smooth", "To 320 grit with the grain; wipe the dust off. Chalky matt paint needs only a dusting.",
          phase: :prepare, lasts: 900, each: 180, cautions: %i[dust], look_for: "paper-smooth under a fingertip.", never: "seal it first: ink slides on a finish."
        hands :pencil, "Draw the pencil lines", "As on the bench card.", phase: :prepare, lasts: 300
        hands :print, "Print on the slick side", "Plain paper, normal quality. 100 %, no fit to page, mirror off in the driver: Up Close has turned it.",
          phase: :print, lasts: 60, look_for: "wet, beaded ink; the copy with no roller tracks.", never: "touch the print: the ink lies wet."
        hands :trim, "Trim to the ticks", "Hold it by the edges.", lasts: 60, look_for: "corners square to the lines.", never: "smear a corner."
        hands :lay, "Lay it, once", "Ticks on the pencil lines. Touch down in the middle, then outward. Do not slide.", lasts: 20,
          after: "print", window: 30..3600, best: 300, cautions: %i[ink], look_for: "the sheet flat, no shine of trapped air.", never: "lift and shift: it doubles.",
          late: "The ink may have dried: touch a waste corner. Dry ink does not come over: wipe the sheet, print again."
        hands :press, "Rub gently, then firmly", "Fingertips first, then the edge of a card. Several passes, each across the last.", lasts: 180, each: 120, passes: 4,
          after: "lay", window: 0..300, look_for: "the ink showing darker through the sheet.", never: "dig with a nail: it blotches.",
          late: "Press on: a long press does no harm on well-sanded wood."
        hands :peek, "Peel back, look, lay back", "From one end, the other held down. Rub again where it is pale.", lasts: 60, again: "press", look_for: "even tone.", never: "let go of both ends."
        hands :lift, "Take the sheet off", "Too light: go over with a pen. Too dark: blot, or sand when dry.", lasts: 30
        wait :ink_dry, "Let the ink dry", "Out of the damp.", dries: true, lasts: 900..nil, look_for: "no smear on a cotton bud.", never: "wipe on any finish: black bleeds."
      end
    end
  end
end
