# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Greys and shades, against what the method carries. The printer makes dots of even colours by itself; on a resist
      # every grey is a hole.
      module Tones
        LISTED = 90
        COARSE = true
        MUCH = 0.05

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          resist = subject.purpose == :resist
          share = resist ? subject.solids.tones : subject.kind.share
          share = 0.0 unless resist || subject.kind.toned?
          bad = share > MUCH && !subject.limits[:tones]
          Finding.new(
            key: :tones,
            title: "Mid-tones",
            verdict: verdict(bad, resist),
            figure: "#{(share * 100).round} %",
            value: share * 100,
            unit: "%",
            limit: subject.limits[:tones] ? nil : MUCH * 100,
            working: Working.new("#{counted(resist)} ÷ all ink = #{Working.number(share * 100, 1)} %"),
            reason: reason(share, bad, resist),
            remedy: bad ? "Add a step: “Photo to ink lines” or “Dot screen”." : nil
          )
        end

        # @param resist [Boolean] what is bare is eaten  @return [Symbol]
        def verdict(bad, resist)
          return :fine unless bad
          resist ? :stop : :watch
        end

        def counted(resist)
          resist ? "ink of 15 to 85 %, edges left out," : "shades that run into each other, as in a photograph,"
        end

        # @param share [Float] of mid-tones, 0..1  @return [String]
        def reason(share, bad, resist)
          return "A resist covers or does not: greys print as dots, and the bath eats between them." if bad && resist
          return "This method does not hold greys well." if bad
          (share > MUCH) ? "This method holds greys." : "Solid ink only."
        end
      end
    end
  end
end
