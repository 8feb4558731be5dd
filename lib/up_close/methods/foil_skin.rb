# frozen_string_literal: true

module UpClose
  module Methods
    # A print on wet-release film glued to thin aluminium, wrapped round a body (handbook, “Foil skin”).
    class FoilSkin < Definition
      key "foil-skin"
      listed 110
      title "Foil skin"
      summary "Glue a wet-release print to thin aluminium tape, soak the film off, wrap the foil round the body. " \
        "For lures."
      undo "Peel the foil off and make another skin: the body is not harmed."
      on_a_miss :again
      chance 0.5
      serves :picture
      bridges_um 100
      printers :laser
      stocks "wet-release-film"
      medium "glue"
      residue :foil
      seals_with "spray-acrylic"
      fumes :strong
      movable :no, "once it is pressed down"
      on_dark "yes, on its own foil"
      wear "good under clear coats"
      works_on :wood, :plastic, :metal, coated: true, why: "The foil sticks to a sealed, smooth body."
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: nil, spread_mm: 0.02}

      passage "Printed on the coated side, face up"
      passage "Glued face down on the foil", turned: true
      passage "The film soaked off, the foil wrapped round the body"

      choice :leave, "Leaving the glue", {
        week: ["a week", "what most do; less comes off when you peel"],
        days: ["three days", "enough for some adhesives: try one first"]
      }
      border 3.0
      sights :soak, :peel,
        right: [:sharp, "no white spot, the film comes off alone"],
        early: [:torn, "white spots tear: soak longer"],
        late: [:curled, "it curls away: pat it dry at once"]

      LEFT_S = {week: 604_800, days: 259_200}.freeze
      TAPE_MM = 50.0
      # both flanks
      SKINS = 2
      CURE_S = 3600

      work do |s|
        hands :print,
          "Print on the coated side",
          "100 %, no fit to page, mirror off in the printer's window.",
          phase: :print,
          lasts: 120,
          each: through_printer, for: :sheet
        hands :cut,
          "Cut 3 mm outside",
          "Both flanks of the body.",
          phase: :print,
          lasts: 10,
          each: round_trim(mm_a_minute: 300),
          cautions: %i[blade]
        hands :clean, "Clean the aluminium with acetone", "A length for both skins. Once, then hands off.",
          consumes: [strips("aluminium-tape", TAPE_MM, times: SKINS), coat("acetone", 60, least: 1)],
          phase: :prepare, lasts: 10, each: over_trim(100, fixed: 20), cautions: %i[solvent gloves]
        round do
          hands :spray, "Spray mount, medium-light", "On the print, from 20 cm.",
            consumes: [coat("spray-adhesive", 30, sprayed: true)], on: :sheet, lasts: 5, each: over_trim(400, fixed: 5),
            cautions: %i[adhesive], look_for: "a fine, even pebble.",
            never: "spray it wet, or thick: all of these fail."
          hands :join, "Press together", "Twenty seconds after the spray; from one end, with a roller.",
            lasts: 5, each: over_trim(
              100,
              fixed: 15
            ), after: "spray", window: 20..45, dries: :open, when_late: "Too dry to hold: clean it off, spray again.",
            look_for: "no bubbles.", faults: %w[bubbles missing-spots]
        end
        wait :hold,
          "Leave it",
          "Flat, under a book.",
          lasts: LEFT_S.fetch(s.picked[:leave]),
          place: :drying,
          dries: true,
          early: "Glue that still gives pulls the picture off with the film."
        wait :soak,
          "Soak in warm water",
          "Until evenly translucent: a white spot is dry paper, and will pull the picture off.",
          lasts: 300..1800,
          look_for: "no white spot.",
          faults: %w[white-spots],
          early: "A white spot pulls the picture off."
        round do
          hands :peel,
            "Peel slowly and steadily",
            "One pull, low over itself.",
            lasts: 5,
            each: over_trim(40, fixed: 30),
            faults: %w[torn]
          hands :dry, "Pat dry, warm air at once", "Pat bubbles out with a damp towel first; slow drying cracks.",
            lasts: 5, each: over_trim(
              40,
              fixed: 45
            ), after: "peel", window: 0..120, when_late: "Dry it now; look for cracks.", faults: %w[cracked]
        end
        hands :clear, "A thin clear coat", "Over the printed face.", consumes: [coat("clear-coat", 15, sprayed: true)],
          lasts: 5, each: over_trim(400, fixed: 5), cautions: %i[spray]
        wait :clear_dry,
          "Let it dry",
          "To the touch.",
          lasts: CURE_S..nil,
          place: :drying,
          dries: true,
          cautions: %i[spray],
          early: "A soft coat takes the print of your fingers as you wrap."
        hands :wrap,
          "Wrap the body",
          "Backing off; middle of the side first, then to back and belly. Press the wrinkles out to the edges.",
          lasts: 10,
          each: over_trim(12, fixed: 90),
          look_for: "features where they were drawn.",
          faults: %w[wrinkles]
      end
    end
  end
end
