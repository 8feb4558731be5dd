# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Half-tones, against what the method carries.
      module Tones
        LISTED = 90
        MUCH = 0.05

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          share = subject.solids.tones
          bad = share > MUCH && !subject.limits[:tones]
          Finding.new(
            key: :tones,
            title: "Mid-tones",
            verdict: bad ? :watch : :fine,
            figure: "#{(share * 100).round} %",
            value: share * 100,
            unit: "%",
            limit: subject.limits[:tones] ? nil : MUCH * 100,
            working: Working.new("ink of 15 to 85 %, edges left out, ÷ all ink = #{Working.number(share * 100, 1)} %"),
            reason: reason(share, bad),
            remedy: bad ? "Add a step: “Photo to ink lines” or “Dot screen”." : nil
          )
        end

        # @param share [Float] of mid-tones, 0..1  @return [String]
        def reason(share, bad)
          return "This method does not hold greys well." if bad
          (share > MUCH) ? "This method holds greys." : "Solid ink only."
        end
      end
    end
  end
end
