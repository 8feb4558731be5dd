# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # How much of its box is inked.
      module Coverage
        LISTED = 70
        COARSE = true
        FULL = 0.95

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

        # @param subject [CheckContext]  @return [Finding]
        def call(subject)
          share = subject.solids.coverage
          wanted = subject.limits[:bare_share]
          Finding.new(
            key: :coverage, title: "Ink coverage", verdict: verdict(share, wanted),
            figure: "#{(share * 100).round} %", value: share * 100, unit: "%", working: working(subject, share),
            reason: wanted ? bare_words(1 - share) : reason(share),
            remedy: (wanted && !wanted.cover?(1 - share)) ? "Fill the ground, or draw the design in outline." : nil
          )
        end

        # @param wanted [Range, nil] of what stays bare  @return [Symbol]
        def verdict(share, wanted)
          return :note unless wanted
          wanted.cover?(1 - share) ? :fine : :watch
        end

        # @param share [Float] 0..1  @return [String]
        def reason(share)
          return "Nearly all of its box is inked: it lies there like a tile." if share > FULL
          "How much of its box is printed. More ink takes longer to dry."
        end

        # @param bare [Float] share of its box that the bath eats, 0..1  @return [String]
        def bare_words(bare)
          "#{(bare * 100).round} % of it stays bare. Between 30 and 70 % a bath eats evenly."
        end
      end
    end
  end
end
