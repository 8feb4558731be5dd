# frozen_string_literal: true

module UpClose
  class MarkRequest
    # What speaks for and against that way: what the rules look at.
    module SituationAsked
      private

      def situation
        Suitability::Situation.new(
          method: transfer_method, printer: printer, stock: stock, material: material, finish: finish, colour: colour,
          sealer: sealer, setting: setting, grit: grit, purpose: purpose, printers: printers, **looked_for
        )
      end

      # what is asked of any method
      def looked_for
        @looked_for ||= {
          use: uses, finest_mm: Artwork::Checks::ThinnestLine.call(subject)&.value,
          mostly_over_mm: subject.mostly_over_mm,
          tones: subject.solids.tones > Artwork::Checks::Tones::MUCH, size_mm: [width_mm, height_mm],
          palette: subject.palette, climate: climate
        }
      end
    end
  end
end
