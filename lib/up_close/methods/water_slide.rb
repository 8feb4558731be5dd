# frozen_string_literal: true

module UpClose
  module Methods
    # Printed film, soaked off its backing and slid into place (handbook, “Water-slide film”).
    class WaterSlide < Definition
      key "water-slide"
      listed 10
      title "Water-slide film"
      summary "Print on film, soak it, slide it off its backing onto a glossy ground. It can be nudged for a few " \
        "seconds."
      undo "Wet it again within a minute or so and slide it off. Once dry: tape lifts it, or sand back."
      on_a_miss :again
      chance 0.85
      serves :picture
      bridges_um 200
      laid_wet
      wants_ground :gloss
      printers :laser, :inkjet
      stocks "clear-film", "white-film"
      residue :film
      seals_with "spray-acrylic"
      fumes :low
      movable :briefly, "for seconds, wet"
      on_dark "on white film"
      wear "good, buried under gloss coats"
      holds laser: {line_mm: 0.15, gap_mm: 0.15, solid_mm: nil, spread_mm: 0.01},
        inkjet: {line_mm: 0.2, gap_mm: 0.2, solid_mm: nil, spread_mm: 0.03}

      passage "Printed on the film, face up"
      passage "Slid off its backing, still face up"

      choice :edge, "Cutting out", {
        border: ["3 mm border", "easier to handle; gloss coats hide the edge"],
        close: ["cut close", "the edge shows less, a white rim least; tears at sharp points"]
      }, on_white: :close
      choice :pace, "Drying the print", {
        short: ["short: minutes", "enough for most film when the coats are thin"],
        long: ["long: a day", "safer with inkjet ink and in a damp shed"]
      }
      choice :seal_print, "Clear coats on a laser print, before it is cut", {
        coats: ["three light coats", "it handles better and does not flake; an inkjet print always gets them"],
        bare: ["none", "quicker: toner does not run"]
      }
      border { |s| (s.picked[:edge] == :close) ? 1.0 : 3.0 }
      sights :slide, :press,
        right: [:sharp, "it moves freely and lies flat"],
        early: [:torn, "it sticks and tears: soak longer"],
        late: [:curled, "it curls and folds: too long in water"]

      # minutes of a print to dry: for toner, and for ink by the school
      DRY_S = {laser: 120..nil, short: 180..300, long: 21_600..86_400}.freeze
      FILM_DAY_S = 86_400

      work do |s|
        long = s.picked[:pace] == :long
        hands :print,
          "Print on the glossy side",
          "Best quality, paper type “glossy photo”. 100 %, no fit to page, mirror off in the printer's window.",
          phase: :print,
          lasts: 180,
          each: through_printer, for: :sheet,
          look_for: "even ink, no tracks.",
          never: "touch the print: ink lies on top."
        wait :print_dry, "Let the print dry", "Lay it flat, face up, out of the dust.",
          phase: :print, dries: true, lasts: DRY_S[s.laser? ? :laser : s.picked[:pace]],
          look_for: "no shine of wet ink.", never: "stack it.", early: "Wet ink smears under the clear coat, and " \
            "the coat makes it run."
        WaterSlide.coats_on_print(self, long) if s.inkjet? || s.picked[:seal_print] == :coats
        hands :ground, "Clean the ground", "Wash off grease and dust. Film wants it smooth and glossy.",
          phase: :prepare, lasts: 60, each: over_trim(100, fixed: 45), for: :piece,
          look_for: "water that spreads evenly.", never: "touch it with bare fingers after."
        WaterSlide.gloss_coats(self) if s.finish && !s.finish.glossy? && s.material&.family != :glass
        hands :pencil,
          "Draw the pencil lines",
          "As on the bench card: a soft pencil, or a strip of tape beside the place.",
          phase: :prepare,
          lasts: 30,
          each: 60,
          for: :piece
        hands :cut, "Cut it out", WaterSlide.cutting(s),
          lasts: 30, each: round_trim(mm_a_minute: 250), for: :print, cautions: %i[blade], look_for: "clean edges."
        round do
          wait :soak, "Soak it",
            "Room-warm water. Hold it down as it curls, until it slides on its backing. Several go through one soak, " \
            "one after the other.",
            lasts: 30..60, look_for: "the film moving when you push it.", never: "let it float off: it folds.",
            early: "Where the glue still holds, the film tears."
          hands :slide, "Slide it on, and place it",
            "Wet the ground. Slide the film off the backing onto the pencil lines; nudge it with a wet brush.",
            lasts: 15, each: over_trim(150, fixed: 45), after: "soak", window: 0..120,
            look_for: "its centre on the lines.", never: "lift the bare film.",
            when_late: "Wet it again for 15 seconds; if it has curled on itself, take a spare.",
            faults: %w[wrinkles torn]
          hands :press, "Press the water out", "From the middle outward, with a soft squeegee or a damp cloth.",
            lasts: 10, each: over_trim(100, fixed: 20), after: "slide", window: 0..120,
            look_for: "no silver patches.", never: "rub dry: it drags.",
            when_late: "Wet the surface, then press; prick a bubble with a pin.", faults: %w[silvering bubbles]
          hands :soften,
            "Softener on uneven places",
            "Brush it on and leave it alone: the film wrinkles, then settles. Leave this out on a flat piece.",
            lasts: 10,
            each: 15,
            consumes: [coat("decal-softener", 20)],
            never: "touch it while it is wrinkled."
        end
        wait :film_dry, "Leave it alone", "Out of the sun and dust.", dries: true, lasts: WaterSlide.film_dry(s),
          never: "touch it to see.", early: "Water still lies under the film: it slides, and a coat traps it " \
            "as silver.",
          moments: {
            touch: WaterSlide.film_dry(s).begin,
            next_coat: WaterSlide.film_dry(s).begin,
            handle: FILM_DAY_S,
            full: FILM_DAY_S
          }
      end

      # half an hour to an hour on gloss, three hours on anything else
      def self.film_dry(setting) = setting.finish&.glossy? ? 1800..3600 : 10_800..nil

      # @param setting [MethodChoice]  @return [String] how it is cut out
      def self.cutting(setting)
        return "Cut 3 mm outside the ink, corners rounded." unless setting.picked[:edge] == :close
        "Cut close to the ink with a fresh blade. Round sharp points a little."
      end

      # three light clear coats, one to three minutes apart
      def self.coats_on_print(script, long)
        script.instance_exec do
          1.upto(3) do |number|
            follows = {
              after: "print_coat_#{number - 1}",
              window: 60..180,
              when_late: "Past three minutes the coat has set: wait 20 minutes, then go on."
            }
            hands "print_coat_#{number}", "Clear coat #{number} of 3 on the print",
              "Spray lightly from 25 cm, past both edges.", phase: :print, lasts: 15, each: over_trim(400, fixed: 5),
              consumes: [coat("clear-coat", 15, sprayed: true)], cautions: %i[spray],
              never: "flood it: wet coats make ink run.", look_for: "a dry mist, no pooling.",
              **((number > 1) ? follows : {})
          end
          wait :print_rest, "Let the coats settle", "Ready to cut when it no longer smells.",
            phase: :print, dries: true, lasts: long ? FILM_DAY_S : 300, cautions: %i[spray],
            early: "A soft coat comes off in the water, and the ink with it."
        end
      end

      # film traps air on a ground that is not glossy
      def self.gloss_coats(script)
        script.instance_exec do
          1.upto(2) do |number|
            follows = {
              after: "gloss_#{number - 1}",
              window: 600..14_400,
              dries: true,
              when_late: "Let it harden a day, sand lightly with 600, then coat."
            }
            hands "gloss_#{number}", "Gloss coat #{number} of 2 on the ground",
              "Thin, from 25 cm, where the film will lie and round it.", phase: :prepare, lasts: 15,
              each: over_trim(400, fixed: 10), for: :piece, cautions: %i[spray],
              consumes: [coat("gloss-coat", 20, sprayed: true)], look_for: "an even shine.",
              **((number > 1) ? follows : {})
          end
          wait :gloss_dry, "Let the gloss harden", "A few hours; longer when it still smells.",
            phase: :prepare, dries: true, lasts: 14_400..nil, cautions: %i[
              spray
            ], early: "Water lifts a soft coat, and the film with it."
        end
      end
    end
  end
end
