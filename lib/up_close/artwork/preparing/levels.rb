# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Darkest and lightest tone stretched to full ink and to bare, and the tones between made lighter or darker.
      module Levels
        KEY = "levels"
        LISTED = 32
        TITLE = "Levels: lighter or darker"
        WORDS = "The darkest tone becomes full ink, the lightest becomes bare. 0 finds the values automatically. " \
          "Lighter " \
          "moves the tones between."
        PARAMETERS = [
          Figure.new(:lighter, "lighter", 0.0, -100.0..100.0, ""),
          Figure.new(:darkest, "darkest", 0.0, 0.0..99.0, " %"),
          Figure.new(:lightest, "lightest", 0.0, 0.0..100.0, " %")
        ].freeze

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param _bench [Bench]
        # @return [Picture]
        def call(picture, figures, _bench)
          dark, light = ends(picture, figures)
          ToneCurve.apply(picture) do |tone|
            ink = ((light - tone) / (light - dark).to_f).clamp(0.0, 1.0)
            255 * (1 - ToneCurve.lightened(ink, figures[:lighter]))
          end
        end

        # @return [Array(Float, Float)] tones that become full ink and bare
        def ends(picture, figures)
          own = ToneCurve.quantiles(picture.grey, ToneCurve::TAIL, 1 - ToneCurve::TAIL)
          dark = figures[:darkest].zero? ? own.first : figures[:darkest] * 2.55
          light = figures[:lightest].zero? ? own.last : figures[:lightest] * 2.55
          (light - dark < 2) ? [[light - 2, 0].max, [dark + 2, 255].min] : [dark, light]
        end
      end
    end
  end
end
