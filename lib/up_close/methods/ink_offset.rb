# frozen_string_literal: true

module UpClose
  module Methods
    # Inkjet ink, still wet on a slick sheet, pressed onto porous ground (handbook, “Ink offset”).
    class InkOffset < Definition
      key "ink-offset"
      listed 30
      title "Wet ink offset"
      summary "Print on a slick sheet, the ink stays wet, press it onto bare smooth wood or chalky paint. No " \
        "solvent, no heat."
      undo "Sand back. Too dark: blot at once. A dark blotch often fades as it dries, so wait before you sand."
      on_a_miss :piece
      chance 0.65
      serves :picture
      serves :guide, wood: 2, paper: 2, cork: 2, cloth: 2
      serves :pattern, wood: 3, paper: 3
      bridges_um 30
      sands_to 320
      laid_wet
      wants_ground :porous
      printers :inkjet
      stocks "label-backing", "photo-paper-back", "wax-paper"
      residue :dye_ink
      seals_with "spray-acrylic"
      fumes :none
      movable :no
      wear "poor until it is sealed"
      largest along: 200, why: "It is laid in one touch, and a large sheet is hard to lay without sliding."
      holds inkjet: {line_mm: 0.35, gap_mm: 0.35, solid_mm: 12.0, tones: false, spread_mm: 0.08}

      passage "Printed on the slick side, face up"
      passage "Laid face down on the piece", turned: true
      passage "Pressed on, the sheet peeled back"

      border 3.0
      sights :lay, :press, :peek, :lift,
        right: [:sharp, "wet beads of ink, crisp edges"],
        early: [:smeared, "it runs: wait a little"],
        late: [:broken, "gaps: the ink has dried"]

      # all passes together: a few minutes for a sign, seconds for a small thing
      RUBBED_CM2_A_MINUTE = 100

      work do |s|
        hands :ground, "Sand it smooth",
          "To 320 grit with the grain; wipe the dust off. Chalky matt paint needs only a dusting.", phase: :prepare,
          lasts: 60, each: over_trim(45, fixed: 60), for: :piece, cautions: %i[dust],
          look_for: "paper-smooth under a fingertip.", never: "seal it first: ink slides on a finish.",
          faults: %w[missing-spots]
        hands :pencil, "Draw the pencil lines", "As on the bench card. Warm a cold piece to the room.",
          phase: :prepare, lasts: 30, each: 60, for: :piece
        if s.stock.carrier?
          hands :carrier,
            "Tape the sheet on a carrier",
            "Cut to the tray's size less 12 mm all round, taped flat along the edge that feeds first.",
            phase: :print,
            lasts: 120,
            for: :sheet,
            cautions: %i[jam],
            look_for: "no loose corner, no tape near the rollers."
        end
        hands :print,
          "Print on #{s.stock.side}",
          "Load the #{s.stock.short}. In the driver choose “plain paper”, normal quality: that sets how much ink is " \
          "laid. 100 %, no fit to page, mirror off: the file is already mirrored.",
          phase: :print,
          lasts: 60,
          each: through_printer, for: :sheet,
          look_for: "wet, beaded ink; the copy with no roller tracks.",
          never: "touch the print: the ink lies wet."
        hands :trim, "Trim to the ticks", "Hold it by the edges. Have a clean place ready for the next wet print.",
          lasts: 10, each: round_trim(mm_a_minute: 900, fixed: 10), for: :print,
          look_for: "corners square to the lines.", never: "smear a corner."
        round do
          hands :lay, "Lay it, once",
            "Ticks on the pencil lines. Touch down in the middle, then outward. Do not slide.",
            lasts: 5, each: over_trim(300, fixed: 10), after: "print", window: 30..3600, best: 300,
            dries: :open_water, cautions: %i[ink],
            look_for: "the sheet flat, no shine of trapped air.", never: "lift and shift: it doubles.",
            when_late: "The ink may have dried: touch a waste corner. Dry ink does not come over: wipe the sheet, " \
              "print again.", faults: %w[smeared]
          hands :press, "Rub gently, then firmly",
            "Fingertips first, then the edge of a card. Several passes, each across the last.", lasts: 5,
            each: over_ink(RUBBED_CM2_A_MINUTE, fixed: 15), passes: 4, after: "lay", window: 0..300,
            look_for: "the ink showing darker through the sheet.", never: "dig with a nail: it blotches.",
            when_late: "Press on: a long press does no harm on well-sanded wood.", faults: %w[faint patchy]
          hands :peek,
            "Peel back, look, lay back",
            "From one end, the other held down. Rub again where it is pale. Thin letters come out pale: some want " \
            "that.",
            lasts: 5,
            each: over_ink(300, fixed: 20),
            repeat_from: "press",
            look_for: "even tone.",
            never: "let go of both ends."
          hands :lift,
            "Take the sheet off",
            "Too light: go over with a pen. Too dark: blot; it often fades as it dries.",
            lasts: 5,
            each: 10
        end
        wait :ink_dry, "Let the ink dry", "Out of the damp.", dries: true, lasts: 900..nil,
          look_for: "no smear on a cotton bud.", never: "wipe on any finish: black bleeds.",
          early: "Wet ink smears, and runs under a coat.",
          moments: {touch: 900, next_coat: 900, handle: 3600, full: 86_400}
      end
    end
  end
end
