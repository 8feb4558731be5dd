# frozen_string_literal: true

module UpClose
  module Methods
    # Toner melted onto clean metal: a resist to etch round, or a picture.
    class HeatResist < Definition
      key "heat-resist"
      title "Heat resist on metal"
      summary "Melt toner from film or slick paper onto clean, warm metal: a resist for etching, or the picture itself."
      undo "Wipe it clean with acetone and start again: nothing is lost but the print."
      chance 0.85
      chance_on "resist-film" => 0.85, "transparency" => 0.75, "label-backing" => 0.5, "photo-paper-front" => 0.2
      printers :laser
      stocks "resist-film", "transparency", "label-backing", "photo-paper-front"
      residue :resist
      heat_c 170
      fumes :low
      movable "no: it grabs as it touches"
      wear "poor as a picture, made to be etched round"
      largest along: 150, why: "Larger than an iron's sole: one pressing no longer heats all of it alike."
      works_on :metal, bare: :stop, why: "Toner sticks to clean, bare metal; nothing else takes the heat and lets go of the film."
      holds laser: {line_mm: 0.2, gap_mm: 0.2, solid_mm: 25.0, tones: false, line_dpi: 600, spread_mm: 0.03}

      BoardLayer.declare(self)
      passage "Printed on the film, face up"
      passage "Laid face down on the metal", turned: true
      passage "Melted on, the film peeled away"

      choice :heat, "Heat", {
        medium: ["medium, longer", "forgiving: the toner does not swim; for beginners"],
        hottest: ["hottest, short", "quick; a second too long and it smears"]
      }
      border 6.0

      work do |s|
        hot = s.picked[:heat] == :hottest
        hands :print, "Print with toner", "Darkest, no toner saving, the film's #{s.stock.side}. 100 %, mirror off in the driver.", phase: :print, lasts: 120, look_for: "solid black, no pinholes."
        hands :ground, "Sand and degrease the metal", "400–600 grit, wet; degrease; then alcohol. Wipe again if you touch it.", takes: [["alcohol", 2.0, "ml"]], phase: :prepare, lasts: 300, each: 180, cautions: %i[dust alcohol], look_for: "water that spreads in a film.", never: "put a finger on it after.", faults: %w[missing-spots]
        wait :flash, "Let the alcohol go", "No heat until it has.", phase: :prepare, lasts: 180..nil, cautions: %i[alcohol heat_after_solvent]
        hands :warm, "Warm the metal on a plate", hot ? "As hot as toner likes: a scrap of print should grab at once." : "Warm enough that the print grabs.", lasts: 240, each: 30, cautions: %i[heat], temperature_c: hot ? 190 : 150
        hands :lay, "Lay the print, once", "Face down, one edge first; it grabs. Release sheet over it.", lasts: 20, each: 20, after: "warm", window: 0..120, late: "The metal has cooled: warm it again first.", look_for: "no bubbles.", never: "try to shift it."
        hands :press, "Press straight down", hot ? "Firm, hottest, 30 to 45 seconds, straight up again." : "Firm, medium heat, two to three minutes, straight up again.", lasts: hot ? 45 : 150, each: hot ? 45 : 150, place: :press, cautions: %i[heat], temperature_c: hot ? 200 : 170, never: "wobble or slide: hot toner is slippery.", faults: %w[smeared]
        hands :burnish, "Burnish warm, try a corner", "Lifts clean: go on. Sticks to the film: more heat.", again: "press", lasts: 60, each: 60, after: "press", window: 0..90, late: "It is cold: warm it again before you burnish.", look_for: "the black staying on the metal."
        wait :cool, "Let it cool", "Film is peeled cold.", lasts: 300..nil
        hands :peel, "Peel, or soak and roll", (s.stock.key.include?("paper") || s.stock.key == "label-backing") ? "Soak ten minutes, roll the paper off with your fingers." : "Peel the film back over itself.", lasts: 60, each: 90, look_for: "clean edges, no paper in the gaps."
        hands :touch_up, "Touch up pinholes and edges", "Etch-proof pen or varnish; scratch bridges away.", takes: [["etch-proof pen", 0.02, "pens"]], lasts: 60, each: 240, look_for: "no bare speck inside the black."
      end
    end
  end
end
