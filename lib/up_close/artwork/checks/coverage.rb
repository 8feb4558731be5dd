# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # How much of its box is inked.
      module Coverage
        LISTED = 70
        EVEN = (0.3..0.7)

        module_function

        # @param share [Float] 0..1  @return [Working]
        def working(subject, share)
          lightest = Working.number(subject.limits[:lightest] * 100)
          Working.new(
            "all that is printed, whatever its colour ÷ #{Working.number(subject.width_mm, 1)} × " \
            "#{Working.number(subject.proof.height_mm, 1)} mm = #{Working.number(share * 100, 1)} %; " \
              "pale tones take less ink: " \
              "#{Working.number(subject.solids.laid * 100, 1)} % of full",
            source: "lighter than #{lightest} % is not laid, a starting value"
          )
        end

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          share = subject.solids.coverage
          Finding.note(
            :coverage, "Ink coverage",
            figure: "#{(share * 100).round} %", value: share * 100, unit: "%", working: working(subject, share),
            reason: EVEN.cover?(share) ? "Between 30 and 70 %, resist and bare metal " \
              "etch evenly." : "For etching, 30 to 70 % is even; for printing it does not matter."
          )
        end
      end
    end
  end
end
