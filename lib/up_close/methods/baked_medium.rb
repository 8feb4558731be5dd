# frozen_string_literal: true

module UpClose
  module Methods
    # A print baked in medium onto a small metal blank, its paper rubbed away.
    class BakedMedium < Definition
      key "baked-medium"
      title "Baked medium on metal"
      summary "Lay a print face down in a thin coat of baking medium on a small blank, bake it, rub the paper away. White becomes bare metal."
      undo "Before baking: wash it off. After: sand back to metal."
      chance 0.7
      printers :laser, :inkjet
      stocks "letter-paper", "photo-paper-back"
      residue :medium
      heat_c 163
      fumes :low
      movable "no: no sliding"
      wear "hard, and hard to scratch"
      largest along: 60, why: "Made for small blanks: the medium skins over before a large print is laid."
      works_on :metal, bare: :stop, why: "It is baked onto bare metal; paint and plastics do not stand the oven."
      holds laser: {line_mm: 0.2, gap_mm: 0.2, solid_mm: nil, spread_mm: 0.02}, inkjet: {line_mm: 0.25, gap_mm: 0.25, solid_mm: nil, spread_mm: 0.04}

      passage "Printed on the paper, face up"
      passage "Laid face down in the medium", turned: true
      passage "Baked on, the paper rubbed away"

      choice :bake, "Heat", {
        oven: ["oven, 163 °C for 30 min", "even; twelve blanks to a tray"],
        gun: ["heat gun, about a minute", "quick; one at a time, browns easily"]
      }
      border 0.0

      work do |s|
        oven = s.picked[:bake] == :oven
        hands :print, "Print it", "Best quality. 100 %, no fit to page, mirror off in the driver.", phase: :print, lasts: 120
        hands :ground, "Sand and degrease the blanks", "400–600 grit, then degrease.", phase: :prepare, lasts: 120, each: 60, cautions: %i[dust], never: "touch the face after."
        hands :cut, "Cut the prints to the blank", "No overhang.", phase: :prepare, lasts: 60, each: 45, cautions: %i[blade]
        hands :coat, "One drop, one quick thin coat", "A soft brush, once over.", takes: [["baking medium", 0.3, "ml"]], lasts: 20, each: 20, look_for: "an even wet film.", faults: %w[bubbles]
        hands :lay, "Face down, press the bubbles out", "A little squeezed out at the rim is right.", lasts: 10, each: 30, after: "coat", window: 0..90, late: "The coat has skinned: wash it off and coat again.", never: "slide it."
        if oven
          wait :bake, "Bake at 163 °C", "An oven thermometer, not the dial. Paper just off-white is right.", lasts: 1800..2100, place: :oven, batch: 12, temperature_c: 163, cautions: %i[heat oven], never: "let it brown: the picture goes yellow.", faults: %w[yellowed brown]
        else
          hands :gun, "Heat gun, about a minute", "Keep it moving until the paper is just off-white.", lasts: 10, each: 70, cautions: %i[heat], never: "let it brown.", faults: %w[brown]
        end
        wait :cool, "Let them cool", "To the touch.", lasts: 900..nil
        wait :soak, "Soak", "Warm water.", lasts: 300..900
        hands :roll, "Roll the paper off", "From the middle out, about four fifths of it.", lasts: 30, each: 150, look_for: "the picture under a thin haze.", never: "scrub the rim.", faults: %w[haze lifted torn]
        hands :polish, "Take the haze off", "1200 grit under water, in circles.", lasts: 30, each: 90, never: "go through."
        wait :dry, "Dry and inspect", "Any paper left shows white now.", lasts: 600..nil, place: :drying, dries: true
      end
    end
  end
end
