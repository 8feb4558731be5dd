# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Large solids come out patchy when rubbed.
      module LargestSolid
        LISTED = 80

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          diameter, box = subject.solids.largest
          limit = subject.limits[:solid_mm]
          patchy = limit && diameter > limit
          Finding.new(
            key: :largest_solid,
            title: "Largest solid",
            verdict: patchy ? :watch : :fine,
            figure: "⌀ #{Working.number(diameter, 1)} mm",
            value: diameter,
            unit: "mm",
            limit: limit,
            working: Working.new(
              "diameter of the largest disc inside solid ink#{", against #{Working.number(limit)}" if limit}",
              source: limit && subject.limits.source(:solid_mm)
            ),
            reason: reason(limit, patchy),
            remedy: patchy ? "Break it up with an outline, a hatch or a dot screen." : nil,
            places: patchy ? [box] : []
          )
        end

        # @param limit [Float, nil] mm  @return [String]
        def reason(limit, patchy)
          return "This method lays solids evenly." unless limit
          if patchy
            "Over #{Working.number(limit)} mm, rubbed solid areas come out patchy."
          else
            "Rubbed solid areas stay even up to #{Working.number(limit)} mm."
          end
        end
      end
    end
  end
end
