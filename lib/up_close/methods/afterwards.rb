# frozen_string_literal: true

module UpClose
  module Methods
    # What is done over a transferred line (handbook, “After the transfer”): shared by the methods on wood
    # that leave no film. Times by the length of its lines.
    module Afterwards
      ON_WOOD = {
        leave: ["leave it as the mark", "the transfer is the picture"],
        burn: ["burn over it", "it lasts longest; bare, untreated wood only"],
        carve: ["carve or engrave along it", "darken faint lines with a pencil first"]
      }.freeze
      # mm a minute, and cm² of shading a minute: starting values
      BURNT_A_MINUTE = 60
      SHADED_CM2_A_MINUTE = 4
      CARVED_A_MINUTE = 40

      module_function

      # @param script [Script]  @param setting [MethodChoice]
      def tell(script, setting)
        case setting.picked[:after]
        when :burn then burn(script)
        when :carve then carve(script)
        end
      end

      def burn(script)
        script.instance_exec do
          inked = size.box_mm2 * size.coverage
          hands :outline, "Burn the outline", "A fine tip, a steady hand; let the tip do the work. Slower is darker.",
            phase: :after, lasts: 120, each: along_lines(BURNT_A_MINUTE), per: :piece, cautions: %i[burn],
            look_for: "an even brown line.", never: "burn through paint, varnish, glue or treated timber."
          hands :fill, "Fill with a shader", "From light to dark, along the grain.",
            phase: :after, lasts: 60, each: Pace.area(inked, SHADED_CM2_A_MINUTE, fixed: 30), per: :piece, cautions: %i[
              burn
            ]
        end
      end

      def carve(script)
        script.instance_exec do
          hands :darken, "Darken faint lines", "With a pencil, before the transfer rubs off under your hand.",
            phase: :after, lasts: 20, each: along_lines(600), per: :piece
          hands :carve, "Carve along it", "Away from your hands; the line is the limit.",
            phase: :after, lasts: 120, each: along_lines(CARVED_A_MINUTE), per: :piece, cautions: %i[
              blade
            ], look_for: "a clean edge on the line."
        end
      end
    end
  end
end
