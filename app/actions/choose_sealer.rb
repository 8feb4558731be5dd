# frozen_string_literal: true

module Actions
  # Picks the finish over a mark, unless it would spoil it.
  module ChooseSealer
    module_function

    # @return [UpClose::Error, nil] the refusal
    def call(mark, key)
      sealer = UpClose::Sealing.fetch(key)
      finding = sealer.finding(residue: mark.method_core.residue, material: mark.piece.material_core)
      return UpClose::Errors::Unsuitable.new(finding.reason, remedy: finding.remedy, field: :sealer) if finding.stop?
      ApplicationRecord.change { mark.update!(sealer: sealer.key) }
      nil
    rescue UpClose::Errors::Unknown => error
      error
    end
  end
end
