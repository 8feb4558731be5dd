# frozen_string_literal: true

module UpClose
  module Methods
    # A print baked in medium onto a small metal blank, its paper rubbed away (handbook, “Baked medium”).
    class BakedMedium < Definition
      key "baked-medium"
      listed 80
      title "Baked medium on metal"
      summary "Lay a laser print face down in a thin coat of baking medium on a small blank, bake it, rub the paper " \
        "away. White becomes bare metal."
      undo "Before baking: wash it off. After: sand back to metal."
      on_a_miss :piece
      chance 0.7
      serves :picture
      medium "medium"
      bridges_um 25
      sands_to 400
      printers :laser
      stocks "letter-paper"
      residue :medium
      seals_with "baked-gloss"
      heat_c 163
      fumes :low
      movable :no, "no sliding"
      wear "hard, and hard to scratch"
      largest along: 60, why: "Made for small blanks: the medium skins over before a large print is laid."
      works_on :metal, bare: :stop, why: "It is baked onto bare metal; paint and plastics do not stand the oven."
      holds laser: {line_mm: 0.2, gap_mm: 0.2, solid_mm: nil, spread_mm: 0.02}

      passage "Printed on the paper, face up"
      passage "Laid face down in the medium", turned: true
      passage "Baked on, the paper rubbed away"

      choice :bake, "Heat", {
        oven: ["oven, 163 °C for 30 min", "even; twelve blanks to a tray"],
        gun: ["heat gun, about a minute", "quick; one at a time, browns easily"]
      }
      border 0.0
      sights :roll, :polish,
        right: [:sharp, "the picture under a thin haze"],
        early: [:haze, "white paper is left: soak and go on"],
        late: [:broken, "gaps: rubbed or soaked too long"],
        called: ["too little", "too much"]

      BAKED_C = 163
      # what a heat gun keeps hot at once
      GUN_MM2 = 900.0

      work do |s|
        oven = s.picked[:bake] == :oven
        hands :print, "Print it", "Best quality; a photo lightened first, since metal darkens it. 100 %, no fit to " \
          "page, mirror off in the printer's window.",
          phase: :print, lasts: 120, each: through_printer, for: :sheet, never: "use an inkjet print: it does not bake."
        hands :ground, "Sand and degrease the blanks", "400–600 grit, wet, then degrease.", consumes: [degreaser],
          phase: :prepare, lasts: 60, each: over_trim(20, fixed: 40), for: :piece, cautions: %i[
            dust
          ], never: "touch the face after."
        hands :cut, "Cut the prints to the blank", "To the blank's own outline, no overhang.",
          phase: :prepare, lasts: 10, each: round_trim(mm_a_minute: 250, fixed: 20), for: :print, cautions: %i[blade]
        if oven
          wait :preheat, "Heat the oven to 163 °C", "An oven thermometer on the tray, not the dial.", lasts: 900..nil,
            temperature_c: BAKED_C, cautions: %i[oven], early: "Baked from cold, the medium bubbles before it sets."
        end
        round do
          hands :coat,
            "One drop, one quick thin coat",
            "A soft brush, once over.",
            consumes: [drop("baking-medium", 60, 0.05)],
            lasts: 5,
            each: over_trim(60, fixed: 12),
            look_for: "an even wet film.",
            faults: %w[bubbles]
          hands :lay, "Face down, press the bubbles out",
            "A little squeezed out at the rim is right. No tape: it does not stand the oven.", lasts: 5,
            each: over_trim(40, fixed: 20), after: "coat", window: 0..90, dries: :open_water,
            when_late: "The coat has skinned: wash it off and coat again.", never: "slide it."
          BakedMedium.gun(self) unless oven
        end
        BakedMedium.bake(self) if oven
        wait :cool, "Let them cool", "To the touch.", lasts: 900..nil, early: "Hot metal burns, and the image is soft."
        wait :soak, "Soak", "Warm water.", lasts: 300..900, early: "Dry paper tears the image off."
        hands :roll, "Roll the paper off", "From the middle out, about four fifths of it.",
          lasts: 20, each: over_trim(
            6,
            fixed: 60
          ), look_for: "the picture under a thin haze.", never: "scrub the rim.", faults: %w[haze lifted torn]
        hands :polish,
          "Take the haze off",
          "1200 grit under water, in circles.",
          lasts: 15,
          each: over_trim(10, fixed: 40),
          never: "go through."
        wait :dry, "Dry and inspect", "Any paper left shows white now.", lasts: 600..nil, place: :drying, dries: true,
          moments: {touch: 600, next_coat: 600, handle: 600, full: 600}
      end

      # @param script [Script]
      def self.bake(script)
        script.wait :bake, "Bake at #{BAKED_C} °C", "An oven thermometer, not the dial. Paper just off-white is right.",
          lasts: 1800..2100, place: :oven, batch: 12, temperature_c: BAKED_C, cautions: %i[heat oven],
          never: "let it brown: the picture goes yellow.", faults: %w[
            yellowed brown
          ], early: "The medium is not hard: it rolls off with the paper."
      end

      # @param script [Script]
      def self.gun(script)
        script.instance_exec do
          hands :gun, "Heat gun, about a minute", "Keep it moving until the paper is just off-white.",
            lasts: 10, each: Pace.places((trim_mm2 / GUN_MM2).ceil, 70, what: "place of the gun's cone"), cautions: %i[
              heat
            ], never: "let it brown.", faults: %w[brown]
        end
      end
    end
  end
end
