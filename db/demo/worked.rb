# frozen_string_literal: true

module Demo
  # What is etched, cut and laid over curves.
  module Worked
    private

    def gauge
      mark = piece("lamp-room gauge ring", "ring", {outer_mm: 60, hole_mm: 38}, "brass", "etched", "#c9a646")
      purpose(mark, "resist", "etch")
      file(mark, Art::HourRing.svg, "Sector ring.svg")
      method(mark, "heat-resist", "laser", stock: "resist-film")
      Actions::LookAtArtwork.once(mark)
      bath(mark, depth: "0.15", bath: "ferric-chloride", temperature_c: "24", strip_um: "18", strip_min: "12")
    end

    # the board that makes the lamp of the model blink, two on a plate
    def flasher = board("Lamp flasher", "lamp-flasher", dot_mm: 0.3, columns: 2, rows: 1, pins: true)

    # a stencil for the crates, cut of card
    def crates
      mark = piece("fair crates", "rectangle", {width_mm: 380, height_mm: 160}, "wood", "raw", "#d8c29a", count: 6)
      purpose(mark, "pattern")
      letter(mark, "PELLOW 1886", "overpass-bold", "28")
      method(mark, "cut-template", "laser", stock: "template-card")
      settle(mark, x_mm: 0, y_mm: 0)
    end

    # enamel mugs, tapered: a band of lettering bent so that it runs level
    def mugs
      mark = piece(
        "enamel mugs, tapered",
        "cup",
        {top_mm: 84, foot_mm: 66, slant_mm: 78},
        "glazed",
        "gloss-paint",
        "#f2efe6",
        count: 6
      )
      letter(mark, "PELLOW NESS LIGHT", "bebas-neue", "11")
      Actions::PrepareArtwork.call(mark, [{"key" => "bend", "on" => true}])
      method(mark, "water-slide", "laser", stock: "clear-film")
      settle(mark, x_mm: 0, y_mm: -6)
    end

    # a casting plug, girths by tape
    def plug
      mark = piece("casting plug Dusk Herring", "loft", {
        stations: "0, 6\n12, 34\n30, 58\n50, 66\n70, 54\n86, 28\n95, 12"
      }, "wood", "sealed", "#b9c4c8", count: 3)
      file(mark, Art::HerringSide.svg, "Herring side.svg")
      settle(mark, width_mm: 84)
    end
  end
end
