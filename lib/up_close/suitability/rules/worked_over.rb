# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # What is done afterwards, on a piece that does not take it.
      module WorkedOver
        module_function

        # @return [Finding, nil]
        def call(situation)
          situation.afterwards&.finding(material: situation.material, finish: situation.finish)
        end
      end
    end
  end
end
