# frozen_string_literal: true

module UpClose
  module Methods
    # Toner pulled off its paper by a tacky coat of lacquer on copper.
    class LacquerPull < Definition
      key "lacquer-pull"
      title "Lacquer pull"
      summary "Spray lacquer on clean copper, lay the print on it while it is shiny but not wet, wet the paper away. No heat."
      undo "Wipe it all off with acetone and start again."
      chance 0.6
      printers :laser
      stocks "label-backing", "letter-paper"
      residue :resist
      fumes :strong
      movable "no: one touch, no sliding"
      wear "made to be etched round"
      largest along: 120, why: "The lacquer dries before a large print is rubbed down all over."
      works_on :metal, bare: :stop, why: "It is for bare metal; the lacquer between the lines must come off again."
      holds laser: {line_mm: 0.25, gap_mm: 0.3, solid_mm: 20.0, tones: false, line_dpi: 600, spread_mm: 0.04}

      BoardLayer.declare(self)
      passage "Printed on the paper, face up"
      passage "Laid face down on the copper", turned: true
      passage "Held by the lacquer, the paper peeled away"
      border 6.0

      work do |s|
        hands :print, "Print with toner", "Darkest, no toner saving. 100 %, mirror off in the driver.", phase: :print, lasts: 120
        hands :ground, "Sand and degrease the copper", "400–600 grit, wet; degrease.", phase: :prepare, lasts: 300, each: 120, cautions: %i[dust], look_for: "water that spreads in a film.", never: "put a finger on it after."
        hands :coat, "One thin, even coat of lacquer", "From 25 cm, past the edges.", takes: [["spray lacquer", 4.0, "ml"]], lasts: 20, each: 20, cautions: %i[spray], look_for: "an even shine."
        hands :lay, "Lay the print, once", "Shiny but not wet: thirty to forty seconds after the coat. One edge first, no sliding.", lasts: 20, each: 20, after: "coat", window: 30..40, late: "It has gone too dry to hold: wipe it off with acetone, coat again.", never: "lift and lay again.", faults: %w[missing-spots smeared]
        hands :rub, "Rub all the toner down", "Through the back, with a spoon.", lasts: 60, each: 90, after: "lay", window: 0..120, late: "Rub anyway; the edges may not hold."
        hands :wet, "Wet the back just enough", "Until it goes dark and limp.", lasts: 60, each: 30
        hands :peel, "Peel slowly", "Wet it again wherever it holds. Paper left on: let it dry, then peel that.", lasts: 60, each: 120, look_for: "all the black left behind."
        hands :clear, "Take the lacquer from between the lines", "Alcohol, never acetone; rags of another colour. Light strokes, more alcohol rather than more pressure.", takes: [["alcohol", 6.0, "ml"]], lasts: 120, each: 240, cautions: %i[alcohol], never: "let the acetone rag come near.", faults: %w[underetched]
        hands :touch_up, "Scratch out what is stubborn", "A ball pen in the gaps; its ink washes off. Etch-proof pen on what is missing.", lasts: 60, each: 180
        wait :harden, "Let it harden", "Before any bath.", dries: true, lasts: 1800..nil, cautions: %i[spray]
      end
    end
  end
end
