# frozen_string_literal: true

module UpClose
  module Methods
    # Toner melted onto clean metal: a resist to etch round, or a picture (handbook, “Heat resist on metal”).
    class HeatResist < Definition
      key "heat-resist"
      listed 90
      title "Heat resist on metal"
      summary "Melt toner from film or glossy paper onto clean, warm metal: a resist for etching, or the picture " \
        "itself. The printed part stands up after the etch."
      undo "Wipe it clean with acetone and start again: only the print is lost."
      on_a_miss :again
      chance 0.85
      chance_on "resist-film" => 0.85, "transparency" => 0.75, "label-backing" => 0.5, "photo-paper-front" => 0.2
      serves :resist, metal: 1
      serves :picture
      bridges_um 15
      sands_to 400
      printers :laser
      stocks "resist-film", "transparency", "label-backing", "photo-paper-front"
      residue :resist
      seals_with "none"
      heat_c 170
      fumes :low
      movable :no, "it grabs as it touches"
      wear "poor as a picture, made to be etched round"
      largest along: 150, why: "Larger than an iron's sole: one press no longer heats it evenly."
      works_on :metal,
        bare: :stop, why: "Toner sticks to clean, bare metal; nothing else takes the heat and lets go of the film."
      holds laser: {
        line_mm: 0.2,
        gap_mm: 0.2,
        solid_mm: 25.0,
        tones: false,
        line_dpi: 600,
        spread_mm: 0.03,
        every_place: true
      }

      BoardLayer.declare(self)
      passage "Printed on the film, face up"
      passage "Laid face down on the metal", turned: true
      passage "Melted on, the film peeled away"

      choice :heat, "Heat", {
        medium: ["medium, longer", "forgiving: the toner does not flow; good for beginners"],
        hottest: ["hottest, short", "quick; a second too long and it smears"]
      }
      border 6.0
      sights :burnish, :peel,
        right: [:sharp, "solid black stays on the metal"],
        early: [:broken, "black stays on the film: more heat"],
        late: [:bled, "lines grow wide: too hot or too long"],
        called: ["too little heat", "too much heat"]

      # the plate, the iron, and how long on each place the sole covers
      HEATS = {medium: [150, 170, 150], hottest: [190, 200, 40]}.freeze
      PAPERS = %w[label-backing photo-paper-front].freeze

      work do |s|
        hot = s.picked[:heat] == :hottest
        plate_c, iron_c, press_s = HEATS.fetch(s.picked[:heat])
        paper = PAPERS.include?(s.stock.key)
        hands :print,
          "Print with toner",
          "Darkest, no toner saving, #{s.stock.side}. 100 %, no fit to page, mirror off in the printer's window.",
          phase: :print,
          lasts: 120,
          each: through_printer, for: :sheet,
          look_for: "solid black, no pinholes."
        hands :ground, "Sand and degrease the metal",
          "400–600 grit, wet; degrease; then alcohol. Wipe again if you touch it.",
          consumes: [degreaser, coat("alcohol", 100, least: 1), rag("white", "alcohol")],
          phase: :prepare, lasts: 60, each: over_trim(40, fixed: 60),
          for: :piece, cautions: %i[dust alcohol], look_for: "water that spreads in a film.",
          never: "put a finger on it after.", faults: %w[missing-spots]
        wait :flash, "Let the alcohol go", "No heat until it has.", phase: :prepare, lasts: 180..nil,
          cautions: %i[alcohol heat_after_solvent], early: "Alcohol vapour burns on a hot plate."
        round do
          hands :warm, "Warm the metal on a plate",
            hot ? "As hot as toner likes: a scrap of print should grab at once." : "Warm enough that the print grabs.",
            lasts: 120, each: over_trim(100, fixed: 30), cautions: %i[heat], temperature_c: plate_c
          hands :lay, "Lay the print, once", "Face down, one edge first; it grabs. Release sheet over it.",
            lasts: 5, each: 15, after: "warm", window: 0..120, when_late: "The metal has cooled: warm it again first.",
            look_for: "no bubbles.", never: "try to shift it.", faults: %w[bubbles]
          heat = hot ? "hottest, about forty seconds" : "medium heat, two to three minutes"
          hands :press, "Press straight down",
            "Firm, #{heat} a place, straight up again.",
            lasts: 5, each: by_iron(press_s, fixed: 5), place: :press, cautions: %i[heat], temperature_c: iron_c,
            never: "wobble or slide: hot toner is slippery.", faults: %w[smeared]
          hands :burnish, "Burnish warm, try a corner", "Lifts clean: go on. Sticks to the film: more heat.",
            repeat_from: "press", lasts: 5, each: over_trim(60, fixed: 20), after: "press", window: 0..90,
            when_late: "It is cold: warm it again before you burnish.", look_for: "the black staying on the metal."
        end
        wait :cool,
          "Let it cool",
          paper ? "To the touch, before it goes into water." : "Film is peeled cold.",
          lasts: 300..nil,
          early: "Warm toner comes away with the film."
        if paper
          wait :soak,
            "Soak the paper", "Ten minutes in warm water.", lasts: 600..nil, early: "Dry paper tears the toner off."
        end
        hands :peel,
          paper ? "Roll the paper off" : "Peel the film",
          paper ? "With your fingers, from the middle out." : "Back over itself, low and steady.",
          lasts: 10,
          each: over_trim(paper ? 20 : 100, fixed: 20),
          look_for: "clean edges, no paper in the gaps.",
          faults: %w[torn haze]
        hands :touch_up, "Touch up pinholes and edges", "Etch-proof pen or varnish; scratch bridges away. A bath " \
          "softens it after about two hours: look, touch up, go on.",
          consumes: [
            sheet_share("etch-proof-pen", uses: 20)
          ],
          lasts: 10, each: over_ink(30, fixed: 60), look_for: "no bare speck inside the black."
      end
    end
  end
end
