# frozen_string_literal: true

module UpClose
  module Methods
    # Toner melted off its paper onto smooth wood by a dry iron (handbook, “Iron-on toner”).
    class IronOn < Definition
      key "iron-on"
      listed 40
      title "Iron-on toner"
      summary "Lay a laser print face down on very smooth, flat, light wood and press it with a hot, dry iron. " \
        "Carries greys."
      undo "Sand back. It cannot be moved once it has stuck."
      on_a_miss :piece
      chance 0.55
      serves :picture
      serves :guide, wood: 4, paper: 4, cloth: 3
      serves :pattern, wood: 5
      bridges_um 30
      sands_to 320
      printers :laser
      stocks "letter-paper", "quick-peel"
      residue :toner
      seals_with "spray-acrylic"
      heat_c 170
      fumes :low
      movable :no, "it grips at once"
      wear "fair, better sealed"
      works_on :wood, :paper, :cloth, bare: :stop,
        why: "Toner melts into bare, flat fibres; over a coat it only smears."
      holds laser: {line_mm: 0.3, gap_mm: 0.3, solid_mm: 15.0, spread_mm: 0.04}

      passage "Printed on the paper, face up"
      passage "Laid face down on the wood", turned: true
      passage "Melted over, the paper peeled away"

      border 8.0
      sights :peek, :peel,
        right: [:sharp, "even black, the paper comes off"],
        early: [:faint, "grey: lay it back and press again"],
        late: [:scorched, "brown paper: too hot or too long"],
        called: ["too little heat", "too much heat"]

      # one to three minutes by its area: this long on each place the sole covers
      PRESS_S = 75

      work do |s|
        hands :print, "Print with toner",
          "Darkest setting, no toner saving. 100 %, no fit to page, mirror off in the printer's window: the file is " \
            "already mirrored.",
          phase: :print, lasts: 120, each: through_printer, for: :sheet, look_for: "deep, even black."
        hands :ground, "Sand it flat and very smooth",
          "To 320 grit with the grain, on a flat block; wipe the dust off. Only the high spots take.",
          phase: :prepare, lasts: 60, each: over_trim(45, fixed: 60), for: :piece, cautions: %i[dust],
          look_for: "no ridge under a fingertip.", never: "leave a divot: it stays white.", faults: %w[missing-spots]
        hands :pencil, "Draw the pencil lines", "As on the bench card. Trim the paper to its corner ticks.",
          phase: :prepare, lasts: 30, each: 90, for: :piece
        wait :warm,
          "Let the iron come up",
          "Dry, no steam, hottest setting for cotton.",
          lasts: 300..nil,
          cautions: %i[heat],
          early: "Toner that is not hot enough stays on the paper."
        round do
          hands :fix, "Fix the paper on one edge", "Face down on the lines, heat-proof tape on one edge.",
            lasts: 15, each: 45, hinged: true, look_for: "the ticks on your lines."
          hands :press, "Press straight down", "Lift the iron from place to place; press each for about a minute.",
            consumes: [
              sheet_share("release-paper", uses: 10)
            ], lasts: 10, each: by_iron(PRESS_S),
            place: :press, cautions: %i[heat], look_for: "the paper turning an even tan, no darker.",
            never: "slide the iron: the image doubles.",
            faults: %w[
              smeared brown
            ]
          hands :peek, "Peek on the hinge", "Lift a far corner while it is hot. Pale: lay it back and press again.",
            repeat_from: "press", lasts: 5, each: 15, after: "press", window: 0..60,
            when_late: "It has cooled and set: warm it again before you lift.", look_for: "even black.",
            never: "pull against a place that holds.", faults: %w[faint torn]
          hands :peel, "Peel it off warm", "Slowly, flat back over itself.", lasts: 5, each: over_trim(200, fixed: 15)
        end
        wait :cool, "Let it cool", "Flat.", lasts: 600..nil, early: "Warm toner smears.",
          moments: {touch: 600, next_coat: 600, handle: 600, full: 600}
      end
    end
  end
end
