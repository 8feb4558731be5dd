# frozen_string_literal: true

module UpClose
  module Methods
    # What is done over a transferred line (handbook 9.14): shared by the methods on wood.
    module Afterwards
      ON_WOOD = {
        leave: ["leave it as the mark", "the transfer is the picture"],
        burn: ["burn over it", "it lasts longest; bare, untreated wood only"],
        carve: ["carve or engrave along it", "darken faint lines with a pencil first"]
      }.freeze

      module_function

      # @param script [Script]  @param setting [Setting]
      def tell(script, setting)
        case setting.picked[:after]
        when :burn
          script.hands :outline, "Burn the outline", "A fine tip, a steady hand; let the tip do the work.", lasts: 300, each: 900, cautions: %i[burn], look_for: "an even brown line.", never: "burn through paint, varnish, glue or treated timber."
          script.hands :fill, "Fill with a shader", "From light to dark, along the grain.", lasts: 120, each: 900, cautions: %i[burn]
        when :carve
          script.hands :darken, "Darken faint lines", "With a pencil, before the transfer rubs off under your hand.", lasts: 60, each: 180
          script.hands :carve, "Carve along it", "Away from your hands; the line is the limit.", lasts: 300, each: 1200, cautions: %i[blade], look_for: "a clean edge on the line."
        end
      end
    end
  end
end
