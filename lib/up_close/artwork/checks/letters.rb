# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # The smallest letters: cap height, x-height.
      module Letters
        LISTED = 120

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          l = subject.lettering or return
          height = l[:small] ? l[:x_mm] : l[:cap_mm]
          limit = subject.limits[:x_height_mm]
          low = height < limit
          Finding.new(
            key: :letters,
            title: l[:small] ? "Height of small letters" : "Capitals stand",
            verdict: low ? :watch : :fine,
            figure: "#{Working.number(height)} mm",
            value: height,
            unit: "mm",
            limit: limit,
            working: working(l),
            reason: low ? "Under #{limit} mm they are hard to read." : "Readable from #{limit} mm up.",
            remedy: low ? remedy(l, limit / height) : nil
          )
        end

        # @param l [Hash] lettering, as CheckContext has it  @return [Working]
        def working(l)
          return Working.new("cap height #{Working.number(l[:cap_mm])} mm") unless l[:small]
          Working.new("cap height #{Working.number(l[:cap_mm])} × #{Working.number(l[:x_mm] / l[:cap_mm], 3)} = " \
            "#{Working.number(l[:x_mm])} mm")
        end

        # @param more [Float] how many times as large it must be  @return [String]
        def remedy(l, more)
          "Use #{"capitals only, or " if l[:small] && l[:cap_mm] >= 1.2}a cap height of " \
          "#{Working.number((l[:cap_mm] * more * 100).ceil / 100.0)} mm or more."
        end
      end
    end
  end
end
