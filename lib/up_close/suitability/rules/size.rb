# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Marks larger than a method is easily done at in one go.
      module Size
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          most = situation.transfer_method.largest
          return unless most && situation.size_mm
          across, along = situation.size_mm.minmax
          value, limit, side = most[:across] ? [across, most[:across], "across"] : [along, most[:along], "long"]
          return if value <= limit
          Finding.watch(
            :size, "Its size",
            figure: "#{Working.number(value, 1)} mm", value: value, unit: "mm", limit: limit,
            working: Working.new(
              "#{Working.number(value, 1)} mm #{side} against #{Working.number(limit)} mm",
              source: "#{Working.number(limit)} is a starting value"
            ),
            factor: 0.75, reason: most[:why],
            remedy: "Make it smaller, lay it in parts, or choose a method that is not done in one go."
          )
        end
      end
    end
  end
end
