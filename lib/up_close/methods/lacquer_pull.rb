# frozen_string_literal: true

module UpClose
  module Methods
    # Toner pulled off its paper by a tacky coat of lacquer on copper (handbook, “Lacquer pull”).
    class LacquerPull < Definition
      key "lacquer-pull"
      listed 100
      title "Lacquer pull"
      summary "Spray lacquer on clean copper, lay the print on it while it is shiny but not wet, wet the paper " \
        "away. No heat."
      undo "Wipe it all off with acetone and start again."
      on_a_miss :again
      chance 0.6
      serves :resist, metal: 2
      bridges_um 20
      sands_to 400
      laid_wet
      medium "lacquer"
      printers :laser
      stocks "label-backing", "letter-paper"
      residue :resist
      seals_with "none"
      fumes :strong
      movable :no, "one touch, no sliding"
      wear "made to be etched round"
      largest along: 120, why: "The lacquer dries before a large print is rubbed down all over."
      works_on :metal, bare: :stop, why: "It is for bare metal; the lacquer between the lines must come off again."
      holds laser: {
        line_mm: 0.25,
        gap_mm: 0.3,
        solid_mm: 20.0,
        tones: false,
        line_dpi: 600,
        spread_mm: 0.04,
        every_place: true
      }

      BoardLayer.declare(self)
      passage "Printed on the paper, face up"
      passage "Laid face down on the copper", turned: true
      passage "Held by the lacquer, the paper peeled away"
      border 6.0
      sights :lay, :peek, :peel,
        right: [:sharp, "all the toner stays"],
        early: [:smeared, "it slides: the lacquer is too wet"],
        late: [:broken, "gaps: the lacquer was too dry"]

      work do |_|
        hands :print, "Print with toner",
          "The driver's heavy or glossy paper setting, darkest, no toner saving. 100 %, no fit to page, mirror off.",
          phase: :print, lasts: 120, each: through_printer, for: :sheet, look_for: "thick, even black."
        hands :ground, "Sand and degrease the copper", "400–600 grit, wet; degrease.", consumes: [degreaser],
          phase: :prepare, lasts: 60, each: over_trim(40, fixed: 60), for: :piece, cautions: %i[dust],
          look_for: "water that spreads in a film.", never: "put a finger on it after."
        round do
          hands :coat,
            "One thin, even coat of lacquer",
            "From 25 cm, past the edges. A lacquer of another colour than the toner shows what is left between " \
            "the lines.",
            consumes: [coat("spray-lacquer", 15, sprayed: true)],
            lasts: 5,
            each: over_trim(400, fixed: 5),
            cautions: %i[spray],
            look_for: "an even shine."
          hands :lay, "Lay the print, once",
            "Shiny but not wet: thirty to forty seconds after the coat. One edge first, no sliding.", lasts: 2, each: 8,
            after: "coat", window: 30..40, dries: :open,
            when_late: "It has gone too dry to hold: wipe it off with acetone, coat again.", never: "slide it.",
            faults: %w[missing-spots smeared]
          hands :rub, "Rub all the toner down", "Through the back, with a spoon.",
            lasts: 5, each: over_trim(
              40,
              fixed: 20
            ), after: "lay", window: 0..120, when_late: "Rub anyway; the edges may not hold."
          hands :wet,
            "Wet the back just enough", "Until it goes dark and limp.", lasts: 5, each: over_trim(150, fixed: 20)
          hands :peek,
            "Lift a corner, look, lay it back",
            "Toner still on the paper: lay it back and rub again there.",
            lasts: 5,
            each: 20,
            repeat_from: "rub",
            look_for: "all the black left behind.",
            never: "go on peeling where it holds."
          hands :peel, "Peel slowly", "Wet it again wherever it holds. Paper left on: let it dry, then peel that.",
            lasts: 5, each: over_trim(60, fixed: 40), look_for: "all the black left behind.", faults: %w[
              torn missing-spots
            ]
        end
        hands :clear, "Take the lacquer from between the lines",
          "Alcohol, never acetone: a white rag for this, a blue one for acetone. Light strokes, more alcohol rather " \
          "than more pressure.",
          consumes: [coat("alcohol", 300, least: 2), rag("white", "alcohol")], lasts: 20,
          each: over_trim(15, fixed: 60), cautions: %i[alcohol],
          never: "let the acetone rag come near.", faults: %w[underetched]
        hands :touch_up,
          "Scratch out what is stubborn",
          "A ball pen in the gaps; its ink washes off. Etch-proof pen on what is missing.",
          lasts: 10,
          each: over_ink(20, fixed: 60)
        wait :harden, "Let it harden", "Before any bath.", dries: true, lasts: 1800..nil, cautions: %i[spray],
          early: "Soft lacquer lifts in the bath.", moments: {touch: 600, next_coat: 1800, handle: 1800, full: 1800}
      end
    end
  end
end
