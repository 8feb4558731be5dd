# frozen_string_literal: true

module Actions
  # Picks the finish over a mark and its coats, unless it would spoil it.
  module ChooseSealer
    module_function

    # @param coats [String, nil] as typed; nothing: as many as the sealer usually wants
    # @return [UpClose::Error, nil] the refusal
    def call(mark, key, coats: nil)
      sealer = UpClose::Sealing.fetch(key)
      finding = sealer.finding(residue: mark.setting.left, material: mark.piece.material_core)
      return UpClose::Errors::Unsuitable.new(finding.reason, remedy: finding.remedy, field: :sealer) if finding.stop?
      number = count(coats.to_s.strip, sealer)
      mark.change(sealer: sealer.key, coats: number)
      nil
    rescue UpClose::Error => error
      error
    end

    # @return [Integer, nil]
    def count(typed, sealer)
      return if typed.empty? || sealer.coats.zero?
      number = Integer(typed, 10, exception: false)
      unless number&.between?(1, UpClose::Sealing::Sealer::MOST_COATS)
        raise UpClose::Error.new(
          "“#{typed}” is not a number of coats.",
          remedy: "Type 1 to #{UpClose::Sealing::Sealer::MOST_COATS}, or nothing for the usual #{sealer.coats}.",
          field: :coats
        )
      end
      number unless number == sealer.coats
    end
  end
end
