# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Some finishes make some inks bleed.
      module SealerPair
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          situation.sealer&.finding(residue: situation.left, material: situation.material, uses: situation.use)
        end
      end
    end
  end
end
