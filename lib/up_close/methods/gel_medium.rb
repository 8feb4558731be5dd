# frozen_string_literal: true

module UpClose
  module Methods
    # A print glued face down in acrylic gel; the paper peeled or rubbed away (handbook, “Gel medium”).
    class GelMedium < Definition
      key "gel-medium"
      listed 50
      title "Gel medium"
      summary "Glue a laser print face down in wet acrylic gel, dry it, take the paper away: it peels in one piece, " \
        "or is rubbed off wet."
      undo "While wet: lift it, wash both off. Dry: sand back."
      on_a_miss :piece
      chance 0.65
      serves :picture
      bridges_um 100
      sands_to 240
      laid_wet
      medium "gel"
      printers :laser
      stocks "quick-peel", "letter-paper"
      residue :medium
      seals_with "spray-acrylic"
      fumes :none
      movable :briefly, "for a few seconds, while the gel is wet"
      wear "good once sealed"
      works_on :wood, :metal, :plastic, :glass, :paper, :stone, :cloth, :cork, :leather,
        why: "Gel holds on anything smooth that is clean."
      holds laser: {line_mm: 0.25, gap_mm: 0.25, solid_mm: nil, spread_mm: 0.02}

      passage "Printed on the paper, face up"
      passage "Laid face down in the gel", turned: true
      passage "Held by the gel, the paper taken away"

      choice :paper, "Taking the paper off", {
        peel: ["peel: coated quick-peel paper", "in one piece, minutes after; the sure one"],
        rub: ["rub: plain paper", "any paper; hours to dry, and a haze of fibres to clear"]
      }
      border 4.0
      sights :peel, :roll, :dry,
        right: [:sharp, "clear and even under a fingertip"],
        early: [:torn, "ink comes off with the paper: let it set"],
        late: [:haze, "white haze: paper is left, moisten and rub"]

      GEL_UM = 200
      SPREAD_CM2_A_MINUTE = 150
      # the gel stays wet enough to take toner: on a bare ground, and on a sealed one (handbook, “Gel medium”)
      OPEN_S = {bare: 180, sealed: 300}.freeze

      open_time { |s| OPEN_S[s.finish&.coated? ? :sealed : :bare] }

      work do |s|
        bare = !s.finish&.coated?
        hands :print,
          "Print with toner",
          "100 %, no fit to page, mirror off in the printer's window.",
          phase: :print,
          lasts: 120,
          each: through_printer, for: :sheet
        hands :ground, "Smooth and clean it", "To 240 grit where it is bare; wipe the dust off. Feel for grit.",
          phase: :prepare, lasts: 60, each: over_trim(60, fixed: 60), for: :piece, cautions: %i[
            dust
          ], faults: %w[missing-spots]
        hands :pencil, "Draw the pencil lines, trim to the ticks", "As on the bench card.",
          phase: :prepare, lasts: 30, each: 90, for: :piece
        round do
          hands :spread, "Spread the gel thin, even, wet", "Edges too. Large areas race the open time: work in one go.",
            consumes: [coat("gel-medium", GEL_UM, least: 1)], lasts: 10,
            each: over_trim(SPREAD_CM2_A_MINUTE, fixed: 15),
            look_for: "a wet shine all over, no grit.", never: "leave a tacky place: tacky is no transfer.", faults: %w[
              missing-spots wrinkles
            ]
          hands :lay, "Lay it, once", "Middle first.", lasts: 5, each: 15, after: "spread",
            window: 0..OPEN_S[bare ? :bare : :sealed], dries: :open_water,
            when_late: "The gel has gone tacky: wash it off, spread again.",
            look_for: "no bubbles.", faults: %w[bubbles]
          hands :press, "Press from the middle out", "A card edge; wipe away what comes out at the rim.",
            lasts: 5, each: over_trim(
              80,
              fixed: 15
            ), after: "lay", window: 0..120, when_late: "Press gently: it has begun to hold.",
            never: "use too much gel: the paper wrinkles."
          if bare
            GelMedium.warm(self, 38, "thirty to forty-five seconds")
          else
            GelMedium.warm(self, 150, "two to three minutes")
          end
        end
        (s.picked[:paper] == :peel) ? GelMedium.peel(self) : GelMedium.rub(self)
      end

      # what a hair dryer warms at once
      WARMED_MM2 = 15_000.0

      # @param seconds [Numeric] for each hand's breadth
      def self.warm(script, seconds, words)
        script.instance_exec do
          places = (trim_mm2 / WARMED_MM2).ceil
          hands :warm, "Dry it warm", "A hair dryer: #{words} for each hand's breadth.",
            lasts: 5, each: Pace.places(places, seconds, what: "hand's breadth")
        end
      end

      # @param script [Script]
      def self.peel(script)
        script.instance_exec do
          wait :set, "Let it set", "Five to ten minutes.", lasts: 300..600, early: "The image comes off with the paper."
          round do
            hands :peel, "Moisten, blot, peel back",
              "The back fully moist, then blotted: damp paper is stronger than soaked. Peel it back over itself.",
              lasts: 10, each: over_trim(100, fixed: 60), after: "press", window: 0..86_400,
              when_late: "After a day it may take two or three goes: moisten again each time.", faults: %w[torn]
          end
          wait :dry,
            "Let it dry",
            "Until no place is cool to the touch.",
            lasts: 1800..nil,
            place: :drying,
            dries: true,
            moments: {touch: 1800, next_coat: 1800, handle: 14_400, full: 86_400}
        end
      end

      # @param script [Script]
      def self.rub(script)
        script.instance_exec do
          wait :dry, "Let it dry", "For hours: overnight is well.", lasts: 14_400..nil, place: :drying, dries: true,
            early: "Soft gel rolls off with the paper."
          hands :roll, "Wet it, roll the paper off", "With your fingers, in crumbs, from the middle out.",
            lasts: 30, each: over_trim(
              12,
              fixed: 60
            ), look_for: "no white haze when wet.", never: "scrub: the image goes too.", faults: %w[haze torn]
          wait :dry_again,
            "Let it dry",
            "Haze shows now: wet and rub once more where it does.",
            lasts: 1800..nil,
            place: :drying,
            dries: true,
            moments: {touch: 1800, next_coat: 1800, handle: 3600, full: 86_400}
        end
      end
    end
  end
end
