# frozen_string_literal: true

module UpClose
  module Methods
    # A print glued face down in acrylic gel; the paper peeled or rubbed away.
    class GelMedium < Definition
      key "gel-medium"
      title "Gel medium"
      summary "Glue a laser print face down in wet acrylic gel, dry it, take the paper away: it peels in one piece, or is rubbed off wet."
      undo "While wet: lift it, wash both off. Dry: sand back."
      chance 0.65
      printers :laser
      stocks "quick-peel", "letter-paper"
      residue :medium
      fumes :none
      movable "for a few seconds, while the gel is wet"
      wear "good once sealed"
      largest along: 200, why: "Large areas race the gel's open time."
      works_on :wood, :metal, :plastic, :glass, :paper, why: "Gel holds on anything smooth that is clean."
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: nil, spread_mm: 0.02}

      passage "Printed on the paper, face up"
      passage "Laid face down in the gel", turned: true
      passage "Held by the gel, the paper taken away"

      choice :paper, "Taking the paper off", {
        peel: ["peel: coated quick-peel paper", "in one piece, minutes after; the sure one"],
        rub: ["rub: plain paper", "any paper; hours to dry, and a haze of fibres to clear"]
      }
      choice :after, "Afterwards", Afterwards::ON_WOOD
      border 4.0

      work do |s|
        peel = s.picked[:paper] == :peel
        bare = !s.finish&.coated?
        open_s = bare ? 180 : 300
        hands :print, "Print with toner", "100 %, no fit to page, mirror off in the driver.", phase: :print, lasts: 120
        hands :ground, "Smooth and clean it", "To 240 grit where it is bare; wipe the dust off. Feel for grit.", phase: :prepare, lasts: 300, each: 180, cautions: %i[dust], faults: %w[missing-spots]
        hands :pencil, "Draw the pencil lines, trim to the ticks", "As on the bench card.", phase: :prepare, lasts: 60, each: 120
        hands :spread, "Spread the gel thin, even, wet", "Edges too. Large areas race the open time: work in one go.", takes: [["gel medium", 6.0, "ml"]], lasts: 30, each: 45, look_for: "a wet shine all over, no grit.", never: "leave a tacky place: tacky is no transfer.", faults: %w[missing-spots wrinkles]
        hands :lay, "Lay it, once", "Middle first.", lasts: 10, each: 15, after: "spread", window: 0..open_s, late: "The gel has gone tacky: wash it off, spread again.", look_for: "no bubbles.", faults: %w[bubbles]
        hands :press, "Press from the middle out", "A card edge; wipe away what comes out at the rim.", lasts: 30, each: 60, after: "lay", window: 0..120, late: "Press gently: it has begun to hold.", never: "use too much gel: the paper wrinkles."
        if peel
          hands :warm, "Warm it", "A hair dryer: #{bare ? "thirty to forty-five seconds" : "two to three minutes"}.", lasts: bare ? 40 : 150, each: bare ? 40 : 150
          wait :set, "Let it set", "Five to ten minutes.", lasts: 300..600
          hands :peel, "Moisten, blot, peel back", "The back fully moist, then blotted: damp paper is stronger than soaked. Peel it back over itself.", lasts: 60, each: 90, after: "set", window: 0..86_400, late: "After a day it may take two or three goes: moisten again each time.", faults: %w[torn]
        else
          wait :dry, "Let it dry", "For hours: overnight is well.", lasts: 14_400..nil, place: :drying, dries: true
          hands :roll, "Wet it, roll the paper off", "With your fingers, in crumbs, from the middle out.", lasts: 120, each: 480, look_for: "no white haze when wet.", never: "scrub: the image goes too.", faults: %w[haze torn]
          wait :dry_again, "Let it dry", "Haze shows now: wet and rub once more where it does.", lasts: 1800..nil, place: :drying, dries: true
        end
        Afterwards.tell(self, s)
      end
    end
  end
end
