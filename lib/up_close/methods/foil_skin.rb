# frozen_string_literal: true

module UpClose
  module Methods
    # A print on wet-release film glued to thin aluminium, wrapped round a body.
    class FoilSkin < Definition
      key "foil-skin"
      title "Foil skin"
      summary "Glue a wet-release print to thin aluminium tape, soak the film off, wrap the foil round the body. For lures."
      undo "Peel the foil off and make another skin: the body is not harmed."
      chance 0.5
      printers :laser
      stocks "wet-release-film"
      residue :foil
      fumes :strong
      movable "no, once it is pressed down"
      on_dark "yes, on its own foil"
      wear "good under clear coats"
      works_on :wood, :plastic, :metal, coated: true, why: "The foil sticks to a sealed, smooth body."
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: nil, spread_mm: 0.02}

      passage "Printed on the coated side, face up"
      passage "Glued face down on the foil", turned: true
      passage "The film soaked off, the foil wrapped round the body"

      choice :leave, "Leaving the glue", {
        days: ["some days", "enough for most adhesive"],
        week: ["a week", "the surer; less is pulled off at the peel"]
      }
      border 3.0

      work do |s|
        hands :print, "Print on the coated side", "100 %, mirror off in the driver.", phase: :print, lasts: 120
        hands :cut, "Cut 3 mm outside", "Both sides of the body.", phase: :print, lasts: 30, each: 90, cautions: %i[blade]
        hands :clean, "Clean the aluminium with acetone", "Once, then hands off.", takes: [["aluminium tape", 12.0, "cm"], ["acetone", 2.0, "ml"]], phase: :prepare, lasts: 30, each: 30, cautions: %i[solvent gloves]
        hands :spray, "Spray mount, medium-light", "On the print, from 20 cm.", takes: [["spray adhesive", 3.0, "ml"]], lasts: 20, each: 15, cautions: %i[adhesive], look_for: "a fine, even pebble.", never: "spray it wet, or thick: all of these fail."
        hands :join, "Press together", "Twenty seconds after the spray; from one end, with a roller.", lasts: 20, each: 60, after: "spray", window: 20..45, late: "Too dry to hold: clean it off, spray again.", look_for: "no bubbles.", faults: %w[bubbles missing-spots]
        wait :hold, "Leave it", "Flat, under a book.", lasts: (s.picked[:leave] == :week) ? 604_800 : 259_200, place: :drying, dries: true
        wait :soak, "Soak in warm water", "Until evenly translucent: a white spot is dry paper, and will pull the picture off.", lasts: 300..1800, look_for: "no white spot.", faults: %w[white-spots]
        hands :peel, "Peel slowly and steadily", "One pull, low over itself.", lasts: 30, each: 90, faults: %w[torn]
        hands :dry, "Pat dry, warm air at once", "Pat bubbles out with a damp towel first; slow drying cracks.", lasts: 30, each: 120, after: "peel", window: 0..120, late: "Dry it now; look for cracks.", faults: %w[cracked]
        hands :clear, "A thin clear coat", "Over the printed face.", lasts: 20, each: 15, cautions: %i[spray]
        wait :clear_dry, "Let it dry", "To the touch.", lasts: 3600..nil, place: :drying, dries: true, cautions: %i[spray]
        hands :wrap, "Wrap the body", "Backing off; middle of the side first, then to back and belly. Press the wrinkles out to the edges.", lasts: 60, each: 420, look_for: "features where they were drawn.", faults: %w[wrinkles]
      end
    end
  end
end
