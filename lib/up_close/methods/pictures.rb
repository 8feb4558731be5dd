# frozen_string_literal: true

module UpClose
  module Methods
    # What is drawn at a step: one of a few line drawings, told by the step's own key, or by its phase where the key
    # is not known here.
    module Pictures
      BY_KEY = {
        load: %w[print],
        sheet: %w[cut trim outline inside outside],
        place: %w[lay slide place fix wrap draw tack gun],
        lines: %w[pencil],
        rub: %w[press burnish rub roll polish clean_off trace],
        peel: %w[peel peek lift],
        soak: %w[soak wet rinse],
        oven: %w[bake preheat bake_seal warm],
        plate: %w[heat],
        clean: %w[ground clean file strip],
        coat: %w[spread spray coat clear glue soften print_coat fill darken],
        bath: %w[etch],
        cover: %w[cover],
        touch_up: %w[touch_up mend scrap_test look check_line]
      }.flat_map { |picture, keys| keys.map { |key| [key, picture] } }.to_h.freeze
      BY_PHASE = {print: :load, prepare: :clean, apply: :place, after: :touch_up, seal: :coat}.freeze

      module_function

      # @param step [Step] of a run too, whose key names its piece ("lay:3") or its count ("seal_2")
      # @return [Symbol]
      def of(step)
        key = step.key[/\A[a-z_]+?(?=[_:]?\d|:|\z)/].to_s
        BY_KEY[key] || (step.wait? ? :layers : BY_PHASE.fetch(step.phase))
      end
    end
  end
end
