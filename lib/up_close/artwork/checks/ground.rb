# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # A ground that is nearly white prints as a box round the picture, and what is left of it
      # inside rings and letters as patches.
      module Ground
        LISTED = 50
        COARSE = true
        LIMIT = 12
        # share of the picture that may be left
        LEFT = 0.005

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          border = subject.whites.border
          photograph = subject.kind.photograph?
          return boxed(border, photograph ? :watch : :stop) if border.nearly_white? && (border.around? || !photograph)
          return paper(border) if border.paper? && !photograph
          inside = subject.whites.nearly_white_inside
          return left(*inside) if inside && inside.last > LEFT && !subject.kind.toned?
          border.colour ? fine(border) : clear
        end

        # a ground that is nearly but not quite white prints as a box
        # @param border [Raster::Border]  @return [Finding]
        def boxed(border, verdict)
          finding(
            verdict,
            border.colour.to_hex,
            off(border.colour),
            working(border),
            "It is nearly white, but not quite. It prints as a visible box round the picture.",
            "Add the step “Clear the ground”."
          )
        end

        # @param border [Raster::Border]  @return [Finding]
        def paper(border)
          finding(
            :stop,
            border.colour.to_hex,
            off(border.colour),
            working(border),
            "It looks like paper: pale all round, with grain and shade. All of it would be printed with the drawing.",
            "Add the step “Clear the ground”."
          )
        end

        # @param colour [Colour] of ground left inside the ink
        # @param share [Float] of the picture, 0..1
        # @return [Finding]
        def left(colour, share)
          words = Working.number(share * 100, 1)
          finding(
            :watch,
            "#{words} % left",
            off(colour),
            Working.new("places of #{colour.to_hex}, even in tone and not at an edge ÷ the picture = #{words} %; " \
              "over #{Working.number(LEFT * 100)} % shows", source: "a starting value"),
            "Nearly white, #{colour.to_hex}, is left inside the picture. It prints as faint patches.",
            "If it is paper, tick “also inside rings and letters” in Clear the ground."
          )
        end

        # @param border [Border]  @return [Finding]
        def fine(border)
          white = border.colour.to_a.min >= Border::WHITE
          finding(
            :fine,
            white ? "white" : border.colour.to_hex,
            off(border.colour),
            working(border),
            white ? "White. Nothing is printed there." : "A ground of its own colour, far from white: it is taken " \
              "as meant."
          )
        end

        def clear
          finding(
            :fine,
            "clear",
            0.0,
            Working.new("the border is clear, or of no one colour"),
            "No box shows round it."
          )
        end

        # @param figure [String]  @param value [Float] % off white  @return [Finding]
        def finding(verdict, figure, value, working, reason, remedy = nil)
          Finding.new(
            key: :ground, title: "Ground", verdict: verdict, figure: figure, value: value, unit: "%", limit: LIMIT,
            working: working, reason: reason, remedy: remedy
          )
        end

        # @param colour [Colour]  @return [Float] % that its darkest channel is below white
        def off(colour) = (255 - colour.to_a.min) / 255.0 * 100

        # @param border [Border]  @return [Working]
        def working(border)
          colour = border.colour
          words = "median of the border's outer #{Working.number(Border::STRIP * 100)} %: #{colour.to_hex}, " \
            "most of it within ΔE #{Working.number(border.spread, 1)}; " \
            "(255 − #{colour.to_a.min}) ÷ 255 = #{Working.number(off(colour), 1)} % off white. " \
            "Over 1 and up to #{LIMIT} % prints as a box. " \
              "White prints too where over #{(Border::SHADED * 100).round} % " \
            "of the border is shaded: here #{(border.shaded * 100).round} %"
          Working.new(words, source: "starting values")
        end
      end
    end
  end
end
