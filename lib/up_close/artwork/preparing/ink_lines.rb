# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A photo as ink lines: the difference of two Gaussians finds edges, and what
      # is left is made black or bare (H. Winnemöller and others, 2012).
      module InkLines
        KEY = "ink-lines"
        LISTED = 50
        TITLE = "Photo to ink lines"
        WORDS = "Edges become lines about as wide as the figure; the rest goes bare."
        PARAMETERS = [
          Figure.new(:line_mm, "line", 0.3, 0.05..5.0, " mm"),
          Figure.new(:darkness, "darkness", 50.0, 0.0..100.0, " %")
        ].freeze
        SIZED = FINE = HARD = true
        WIDER = 1.6
        # grey steps an edge must stand out by, at no darkness; at full darkness a tenth
        STEEP = 6.0

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, bench)
          sigma = [figures[:line_mm] * bench.per_mm / 2, 0.6].max
          grey = picture.grey
          edges = grey.gaussblur(sigma, precision: :float) - grey.gaussblur(sigma * WIDER, precision: :float)
          Picture.made((edges > -STEEP * (1 - 0.9 * figures[:darkness] / 100)).cast(:uchar))
        end
      end
    end
  end
end
