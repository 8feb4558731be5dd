# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Parts too small to hold wash off: smaller than (2 × limit)².
      module Specks
        LISTED = 40
        # a photograph has none of its own
        FOR = {kind: %i[lines flat mixed]}.freeze

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          return unless subject.limits[:line_mm]
          limit = (2 * subject.limits[:line_mm])**2
          specks = subject.thin_ink.places.select { |p| p.lone && p.area_mm2 < limit }
          Finding.new(
            key: :specks,
            title: "Specks",
            verdict: specks.any? ? :watch : :fine,
            figure: specks.size.to_s,
            value: specks.size,
            unit: "parts",
            limit: limit,
            working: Working.new(
              "parts under (2 × #{Working.number(subject.limits[:line_mm])})² = #{Working.number(limit, 3)} mm²: " \
              "#{specks.size}",
              source: subject.limits.source(:line_mm)
            ),
            reason: specks.any? ? "Parts this small wash off." : "No part is so small that it washes off.",
            remedy: specks.any? ? "Remove them, or make them larger if you need them." : nil,
            places: specks.first(MOST_PLACES).map(&:box)
          )
        end
      end
    end
  end
end
