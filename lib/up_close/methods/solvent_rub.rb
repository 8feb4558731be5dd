# frozen_string_literal: true

module UpClose
  module Methods
    # Toner loosened by solvent through the back of the paper and rubbed over.
    class SolventRub < Definition
      key "solvent-rub"
      title "Solvent rub"
      summary "Lay a laser print face down, wet its back with acetone, rub the toner over. For bare wood and abraded metal."
      undo "Sand back, or wipe metal clean with acetone. It cannot be moved once rubbed."
      chance 0.6
      printers :laser
      stocks "letter-paper"
      residue :toner
      fumes :strong
      movable "no"
      wear "fair, better sealed"
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: 12.0, spread_mm: 0.03}
      solvent "acetone"

      passage "Printed on the paper, face up"
      passage "Laid face down on the piece", turned: true
      passage "Rubbed over, the paper taken away"

      border 5.0

      work do |s|
        hands :print, "Print with toner", "Darkest setting, no toner saving. 100 %, no fit to page, mirror off in the driver: Up Close has turned it.",
          phase: :print, lasts: 120, look_for: "deep, even black.", never: "use an inkjet print: nothing comes over."
        if s.metal?
          hands :ground, "Take the shine off, degrease", "400–600 grit one way, then degrease. Wet-sand metal to keep its dust down.",
            phase: :prepare, lasts: 600, cautions: %i[dust], look_for: "an even grey, water that spreads.", never: "touch it with bare fingers after."
        else
          hands :ground, "Sand it flat", "To 240 grit with the grain; wipe the dust off. Only high spots take toner.",
            phase: :prepare, lasts: 600, cautions: %i[dust], look_for: "no ridge under a fingertip.", never: "leave a divot: it stays white."
        end
        hands :pencil, "Draw the pencil lines", "As on the bench card. Trim the paper to its corner ticks.", phase: :prepare, lasts: 300
        hands :fix, "Fix the paper on one edge", "Face down on the lines. Tape one edge, so that it hinges and cannot creep.", lasts: 120, each: 45,
          look_for: "the ticks on your lines.", never: "tape all round: you cannot look."
        hands :rub, "Wet a little, rub at once", "Two swabs of acetone on a patch the size of a coin, then firm strokes, dry. Two or three passes, each across the last. Patch by patch.",
          takes: [["acetone", 4.0, "ml"], ["cotton swabs", 2.0, "swabs"]], lasts: 300, each: 120, passes: 3, cautions: %i[solvent gloves], look_for: "the paper going clear, the print showing through.", never: "flood it: toner swims."
        hands :peek, "Lift a corner on its hinge", "Look at the far edge first. Lay it back and rub again where it is faint.", lasts: 60, again: "rub",
          after: "rub", window: 0..60, look_for: "even black.", never: "shift it: it doubles.", late: "It has dried onto the wood: wet a corner again before you lift."
        wait :flash, "Let the acetone go", "Air the room. No flame, iron or heat gun until the smell is gone.", lasts: 300, cautions: %i[solvent heat_after_solvent], look_for: "no smell."
        hands :touch_up, "Touch up", "With the same paper, or a pencil.", lasts: 300, look_for: "missing spots along edges."
      end
    end
  end
end
