# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Pixels an inch at the printed size.
      module Resolution
        LISTED = 30

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          return if subject.artwork.vector?
          pixels = subject.artwork.ink.box.width
          dpi = pixels / (subject.width_mm / Measure::Length::INCH_MM)
          wanted = wanted(subject)
          Finding.new(
            key: :resolution,
            title: "Pixels an inch at this size",
            verdict: verdict(dpi, subject.limits[:dpi], wanted),
            figure: dpi.round.to_s,
            value: dpi,
            unit: "dpi",
            limit: wanted,
            working: Working.new(
              "#{pixels.round} ÷ (#{Working.number(subject.width_mm)} ÷ 25.4) = #{dpi.round}",
              source: subject.limits.source((wanted == subject.limits[:dpi]) ? :dpi : :line_dpi)
            ),
            reason: reason(dpi, subject.limits[:dpi], wanted),
            remedy: remedy(dpi, subject.limits[:dpi], wanted, pixels)
          )
        end

        # line art wants twice what a photo does
        def wanted(subject) = subject.kind.toned? ? subject.limits[:dpi] : subject.limits[:line_dpi]

        # soft is worth a look; under half, the steps themselves show
        def verdict(dpi, soft, wanted)
          return :stop if dpi < soft / 2.0
          (dpi < wanted) ? :watch : :fine
        end

        # @param dpi [Float]  @param soft [Numeric] dpi  @param wanted [Numeric] dpi  @return [String]
        def reason(dpi, soft, wanted)
          return "Under #{soft} looks soft." if dpi < soft
          (dpi < wanted) ? "This is line art: edges are clean from #{wanted}." : "Sharp from #{wanted} up."
        end

        # the size for the limit that the reason names, and for the other as a second figure
        def remedy(dpi, soft, wanted, pixels)
          return if dpi >= wanted
          named = (dpi < soft) ? soft : wanted
          second = (named < wanted) ? "; line art is clean from #{wanted}, up to #{widest(pixels, wanted)} mm" : ""
          "Find a larger picture, a drawing in SVG, or keep it under #{widest(pixels, named)} mm wide#{second}."
        end

        # @param pixels [Numeric] across  @param limit [Numeric] dpi  @return [String] mm
        def widest(pixels, limit) = Working.number(pixels * Measure::Length::INCH_MM / limit, 1)
      end
    end
  end
end
