# frozen_string_literal: true

module UpClose
  module Methods
    # Printed film, soaked off its backing and slid into place.
    class WaterSlide < Definition
      key "water-slide"
      title "Water-slide film"
      summary "Print on film, soak it, slide it off its backing onto a glossy ground. It can be nudged for a few seconds."
      undo "Wet it again within a minute or so and slide it off. Once dry: tape lifts it, or sand back."
      chance 0.85
      printers :laser, :inkjet
      stocks "clear-film", "white-film"
      residue :film
      fumes :low
      movable "for seconds, wet"
      on_dark "on white film"
      wear "good, buried under gloss coats"
      holds laser: {line_mm: 0.15, gap_mm: 0.15, solid_mm: nil, spread_mm: 0.01}, inkjet: {line_mm: 0.2, gap_mm: 0.2, solid_mm: nil, spread_mm: 0.03}

      passage "Printed on the film, face up"
      passage "Slid off its backing, still face up"

      choice :edge, "Cutting out", {
        border: ["3 mm border", "easier to handle; gloss coats hide the edge"],
        close: ["cut close", "the edge shows less; tears at sharp points"]
      }
      choice :pace, "Drying the print", {
        short: ["short: minutes", "enough for most film when the coats are thin"],
        long: ["long: a day", "safer with inkjet ink and in a damp shed"]
      }
      border { |s| (s.picked[:edge] == :close) ? 1.0 : 3.0 }

      work do |s|
        long = s.picked[:pace] == :long
        hands :print, "Print on the glossy side", "Best quality, paper type “glossy photo”. 100 %, no fit to page, mirror off in the driver.",
          phase: :print, lasts: 180, look_for: "even ink, no tracks.", never: "touch the print: ink lies on top."
        wait :print_dry, "Let the print dry", "Lay it flat, face up, out of the dust.", phase: :print, dries: true,
          lasts: if s.laser?
                   120..nil
                 else
                   (long ? 6 * 3600 : 180)..(long ? 86_400 : 300)
                 end, look_for: "no shine of wet ink.", never: "stack it."
        if s.inkjet? || long
          1.upto(3) do |coat|
            hands "print_coat_#{coat}", "Clear coat #{coat} of 3 on the print", "Spray lightly from 25 cm, past both edges.",
              phase: :print, lasts: 30, takes: [["clear coat", 1.0, "ml"]], cautions: %i[spray], never: "flood it: wet coats make ink run.", look_for: "a dry mist, no pooling.",
              **((coat > 1) ? {after: "print_coat_#{coat - 1}", window: 60..180, late: "Past three minutes the coat has set: wait 20 minutes, then go on."} : {})
          end
          wait :print_rest, "Let the coats settle", "Ready to cut when it no longer smells.", phase: :print, dries: true, lasts: long ? 86_400 : 300, cautions: %i[spray]
        end
        hands :ground, "Clean the ground", "Wash off grease and dust. Film wants it smooth and glossy: a gloss coat first on anything matt.",
          phase: :prepare, lasts: 300, look_for: "water that spreads evenly.", never: "touch it with bare fingers after."
        hands :cut, "Cut it out", (s.picked[:edge] == :close) ? "Cut close to the ink with a fresh blade. Round sharp points a little." : "Cut 3 mm outside the ink, corners rounded.",
          lasts: 120, each: 60, cautions: %i[blade], look_for: "clean edges."
        wait :soak, "Soak it", "Room-warm water. Hold it down as it curls. Until it slides on its backing.", lasts: 30..60,
          look_for: "the film moving when you push it.", never: "let it float off: it folds."
        hands :slide, "Slide it on, and place it", "Wet the ground. Slide the film off the backing onto the pencil lines; nudge it with a wet brush.",
          lasts: 60, each: 45, after: "soak", window: 0..120, look_for: "its centre on the lines.", never: "lift the bare film.",
          late: "Wet it again for 15 seconds; if it has curled on itself, take a spare."
        hands :press, "Press the water out", "From the middle outward, with a soft squeegee or a damp cloth.", lasts: 60,
          after: "slide", window: 0..120, look_for: "no silver patches.", never: "rub dry: it drags.", late: "Wet the surface, then press; prick a bubble with a pin."
        wait :film_dry, "Leave it alone", "Out of the sun and dust.", dries: true, lasts: s.finish&.glossy? ? 1800..3600 : 10_800, never: "touch it to see."
      end
    end
  end
end
