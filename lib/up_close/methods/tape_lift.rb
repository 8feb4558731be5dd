# frozen_string_literal: true

module UpClose
  module Methods
    # Toner lifted on clear tape, its paper soaked and rubbed away (handbook, “Tape lift”).
    class TapeLift < Definition
      key "tape-lift"
      listed 70
      title "Tape lift"
      summary "Burnish clear parcel tape over a laser print, soak the paper off under water, press the tape on. " \
        "You see it through the tape."
      undo "Peel it off within the day; after that, warmth and patience."
      on_a_miss :again
      chance 0.8
      serves :picture
      bridges_um 30
      printers :laser
      stocks "letter-paper"
      residue :tape
      seals_with "spray-matt"
      fumes :none
      movable :briefly, "a little, under water"
      wear "fair; its edge shows"
      largest across: 48, why: "Wider than parcel tape: two strips show their seam."
      works_on :wood, :metal, :plastic, :glass, :paper, :stone, coated: true,
        why: "Tape holds on what is smooth and clean."
      holds laser: {line_mm: 0.2, gap_mm: 0.2, solid_mm: nil, spread_mm: 0.01}

      passage "Printed on the paper, face up"
      passage "Lifted on clear tape"
      passage "Seen through the tape"
      border 3.0
      sights :roll,
        right: [:sharp, "clear tape, deep black"],
        early: [:haze, "white fibres: go on rubbing"],
        late: [:broken, "gaps: rubbed too hard"],
        called: ["too little", "too much"]

      NIGHT_S = 28_800
      TAPE_WIDE_MM = 48.0

      work do |_|
        hands :print,
          "Print with toner", "As it reads. Darkest setting.", phase: :print, lasts: 120, each: through_printer,
          for: :sheet
        hands :tape,
          "Lay clear tape over it",
          "From one end, no bubbles.",
          consumes: [strips("clear-parcel-tape", TAPE_WIDE_MM)],
          phase: :print,
          lasts: 5,
          each: over_trim(100, fixed: 20),
          faults: %w[bubbles]
        hands :burnish, "Burnish till it is black", "The back of a spoon, all over.",
          phase: :print, lasts: 5, each: over_trim(
            25,
            fixed: 30
          ), look_for: "deep black through the tape, no grey patches.", faults: %w[missing-spots]
        hands :cut,
          "Cut it out, its rim rounded",
          "Corners lift first.",
          lasts: 5,
          each: round_trim(mm_a_minute: 400),
          for: :print,
          cautions: %i[blade]
        hands :ground, "Clean the ground, draw the pencil lines", "Smooth, clean, dry.",
          phase: :prepare, lasts: 30, each: over_trim(100, fixed: 75), for: :piece, never: "touch it after."
        wait :soak, "Soak", "About five minutes.", lasts: 300..600, early: "Dry paper tears the toner off the tape."
        round do
          hands :roll, "Roll all the paper off under water", "With your thumbs. Smooth and slick is done.",
            lasts: 10, each: over_trim(
              12,
              fixed: 60
            ), look_for: "no fibres against the light.", never: "rub the glue away.", faults: %w[haze]
          hands :place, "Place it wet", "Onto the pencil lines; press the water out with a card, from the middle.",
            lasts: 10, each: over_trim(80, fixed: 40), look_for: "no bubbles.", faults: %w[bubbles lifted]
        end
        wait :dry,
          "Let it dry overnight",
          "The glue clears as it dries.",
          lasts: NIGHT_S..nil,
          place: :drying,
          dries: true,
          early: "Water under the tape stays as a cloud, and its edge lifts.",
          moments: {touch: NIGHT_S, next_coat: NIGHT_S, handle: NIGHT_S, full: NIGHT_S}
      end
    end
  end
end
