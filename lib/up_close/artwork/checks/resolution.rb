# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Pixels an inch at the printed size.
      module Resolution
        # pictures of two tones are line art
        LINE_ART_TONES = 0.02

        module_function

        def call(subject)
          return if subject.artwork.vector?
          pixels = subject.artwork.ink.box.width
          dpi = pixels / (subject.width_mm / Measure::Length::INCH_MM)
          wanted = wanted(subject)
          Finding.new(key: :resolution, title: "Pixels an inch at this size", verdict: verdict(dpi, subject.limits[:dpi], wanted), figure: dpi.round.to_s, value: dpi, unit: "dpi", limit: wanted,
            working: Working.new("#{pixels.round} ÷ (#{Working.number(subject.width_mm)} ÷ 25.4) = #{dpi.round}", source: subject.limits.source((wanted == subject.limits[:dpi]) ? :dpi : :line_dpi)),
            reason: reason(dpi, subject.limits[:dpi], wanted), remedy: remedy(dpi, wanted, pixels))
        end

        # line art wants twice what a photo does
        def wanted(subject) = (subject.solids.tones < LINE_ART_TONES) ? subject.limits[:line_dpi] : subject.limits[:dpi]

        # soft is worth a look; under half, the steps themselves show
        def verdict(dpi, soft, wanted)
          return :stop if dpi < soft / 2.0
          (dpi < wanted) ? :watch : :fine
        end

        def reason(dpi, soft, wanted)
          return "Under #{soft} looks soft." if dpi < soft
          (dpi < wanted) ? "This is line art: edges are clean from #{wanted}." : "Sharp from #{wanted} up."
        end

        def remedy(dpi, wanted, pixels)
          "Find a larger picture, a drawing in SVG, or keep it under #{Working.number(pixels * Measure::Length::INCH_MM / wanted, 1)} mm wide." if dpi < wanted
        end
      end
    end
  end
end
