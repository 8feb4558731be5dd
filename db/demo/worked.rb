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
  end
end
