# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A photo as if drawn in pencil: its grey divided by its own blurred grey,
      # so that even tones go bare and edges stay (the blurred-inverse dodge).
      # Lines and letters beside a photo stay as they are.
      module Pencil
        KEY = "pencil"
        LISTED = 40
        TITLE = "Photo to pencil"
        WORDS = "Even tones are removed, edges become soft pencil strokes. Softness 0 is automatic."
        PARAMETERS = [
          Figure.new(:lighter, "lighter", 0.0, -100.0..100.0, ""),
          Figure.new(:softness_mm, "softness", 0.0, 0.0..10.0, " mm")
        ].freeze
        SIZED = true
        # softnesses tried, mm; the least that shows so much of what the best shows is taken
        TRIED_MM = [0.1, 0.2, 0.4, 0.8, 1.6].freeze
        ENOUGH = 0.5
        # share of the strokes that become full ink
        DARKEST = 0.01
        LEAST_PX = 0.6

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, bench)
          strokes = strokes(picture.grey, figures[:softness_mm], bench.per_mm)
          darkest = ToneCurve.quantiles(strokes, DARKEST).first.clamp(0, 250)
          drawn = ToneCurve.apply(Picture.made(strokes, notes: picture.notes)) do |tone|
            ink = ((255 - tone) / (255.0 - darkest)).clamp(0.0, 1.0)
            255 * (1 - ToneCurve.lightened(ink, figures[:lighter]))
          end
          beside(picture, drawn, bench.toned(picture))
        end

        # @param toned [Vips::Image, nil] a mask of what is drawn anew; nil: all of it
        # @return [Picture]
        def beside(picture, drawn, toned)
          toned ? Picture.made(toned.ifthenelse(drawn.image, picture.grey), notes: picture.notes) : drawn
        end

        # @return [Vips::Image] one band
        def strokes(grey, softness_mm, per_mm)
          dodged(grey, (softness_mm.positive? ? softness_mm : softness(grey, per_mm)) * per_mm)
        end

        # tried on no more pixels than tell it
        # @return [Float] mm
        def softness(grey, per_mm)
          scale = [Math.sqrt(TRIED_PX / (grey.width * grey.height)), 1.0].min
          small = (scale < 1) ? Graphics::Pixels.held(grey.resize(scale)) : grey
          inked = TRIED_MM.map { |mm| 255 - dodged(small, mm * per_mm * scale).avg }
          TRIED_MM[inked.index { |ink| ink >= inked.max * ENOUGH }]
        end

        TRIED_PX = 2_000_000.0

        # grey divided by its own blur: flat tones go white, edges stay
        def dodged(grey, sigma)
          Graphics::Pixels.held((grey * 255.0 / (grey.gaussblur([sigma, LEAST_PX].max) + 1)).cast(:uchar))
        end
      end
    end
  end
end
