# frozen_string_literal: true

module UpClose
  module Methods
    # Toner loosened by solvent through the back of the paper and rubbed over (handbook, “Solvent rub”).
    class SolventRub < Definition
      key "solvent-rub"
      listed 20
      title "Solvent rub"
      summary "Lay a laser print face down, wet its back with acetone, rub the toner over. For bare wood and " \
        "abraded metal."
      undo "Sand back, or wipe metal clean with acetone. It cannot be moved once rubbed."
      on_a_miss :piece
      chance 0.6
      serves :picture
      serves :guide, metal: 1, stone: 2, wood: 3, paper: 3, cork: 3, leather: 3
      serves :pattern, metal: 2, wood: 4
      bridges_um 40
      sands_to 240
      wants_ground :tooth
      printers :laser
      stocks "letter-paper"
      residue :toner
      seals_with "spray-acrylic"
      fumes :strong
      movable :no
      wear "fair, better sealed"
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: 12.0, spread_mm: 0.03}
      solvent "acetone"

      passage "Printed on the paper, face up"
      passage "Laid face down on the piece", turned: true
      passage "Rubbed over, the paper taken away"

      border 5.0
      sights :rub, :peek,
        right: [:sharp, "even black, the paper goes clear"],
        early: [:faint, "grey: rub that part again"],
        late: [:bled, "soft edges: too much solvent"],
        called: ["too little", "too much"]

      # a patch the size of a coin is wetted and rubbed dry at once
      RUBBED_CM2_A_MINUTE = 25
      PASSES = 3

      work do |s|
        hands :print,
          "Print with toner",
          "Darkest setting, no toner saving. 100 %, no fit to page, mirror off in the printer's window: the file is " \
            "already mirrored.",
          phase: :print,
          lasts: 120,
          each: through_printer, for: :sheet,
          look_for: "deep, even black.",
          never: "use an inkjet print: nothing comes over."
        if s.metal?
          hands :ground, "Take the shine off, degrease", "400–600 grit one way, wet, then degrease.",
            consumes: [degreaser],
            phase: :prepare, lasts: 60, each: over_trim(40, fixed: 60), for: :piece, cautions: %i[dust],
            look_for: "an even grey, water that spreads.", never: "touch it with bare fingers after."
        else
          hands :ground, "Sand it flat", "To 240 grit with the grain; wipe the dust off. Only high spots take toner.",
            phase: :prepare, lasts: 60, each: over_trim(60, fixed: 60), for: :piece, cautions: %i[dust],
            look_for: "no ridge under a fingertip.", never: "leave a divot: it stays white.", faults: %w[missing-spots]
        end
        hands :pencil, "Draw the pencil lines", "As on the bench card. Trim the paper to its corner ticks.",
          phase: :prepare, lasts: 30, each: 90, for: :piece
        round do
          hands :fix, "Fix the paper", SolventRub.fixing(s), lasts: 15, each: 45, hinged: SolventRub.hinged?(s),
            look_for: "the ticks on your lines.", never: "let it creep: it doubles."
          hands :rub, "Wet a little, rub at once",
            "A swab or pad of acetone on a patch the size of a coin, then firm strokes, dry. Two or three passes, " \
            "each across the last. Patch by patch.",
            consumes: [coat("acetone", 200, mm2: size.box_mm2, times: PASSES, least: 2), swabs],
            lasts: 20, each: over_ink(RUBBED_CM2_A_MINUTE, fixed: 15), passes: PASSES, cautions: %i[solvent gloves],
            look_for: "the paper going clear, the print showing through.", never: "flood it: toner swims.", faults: %w[
              faint smeared patchy
            ]
          hands :peek,
            "Lift a corner and look",
            "Look at the far edge first. Lay it back and rub again where it is faint.",
            lasts: 10,
            each: 20,
            repeat_from: "rub",
            after: "rub",
            window: 0..60,
            look_for: "even black.",
            never: "shift it: it doubles.",
            when_late: "It has dried onto the piece: wet a corner again before you lift.",
            faults: %w[torn]
        end
        wait :flash, "Let the acetone go", "Air the room. No flame, iron or heat gun until the smell is gone.",
          lasts: 300, cautions: %i[solvent heat_after_solvent], look_for: "no smell.",
          early: "Acetone vapour burns, and a coat over it blushes."
        hands :touch_up, "Touch up", "With the same paper, or a pencil.", lasts: 20, each: over_ink(100, fixed: 60),
          look_for: "missing spots along edges."
      end

      # pieces smaller than a hand have no room for a hinge
      SMALL_MM = 60.0

      # @param setting [MethodChoice]
      def self.hinged?(setting) = setting.size.longer_mm >= SMALL_MM

      # @param setting [MethodChoice]  @return [String] how its paper is held
      def self.fixing(setting)
        unless hinged?(setting)
          return "Face down on the lines, held tight all round the piece with tape or a clamp."
        end
        "Face down on the lines. Tape one edge, so that it hinges and cannot creep; never all round, or you " \
        "cannot look."
      end
    end
  end
end
