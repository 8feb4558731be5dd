# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Greys as dots of one black: each place against a wave of round dots. What is black or bare, and the edges
      # between, are no greys: they stay lines, but for those of continuous tone.
      module DotScreen
        KEY = "dot-screen"
        LISTED = 70
        TITLE = "Dot screen"
        WORDS = "Greys become dots of solid ink. Every method holds them."
        PARAMETERS = [
          Figure.new(:dots_per_inch, "dots an inch", 45.0, 5.0..150.0, ""),
          Figure.new(:angle, "angle", 45.0, 0.0..90.0, "°")
        ].freeze
        SIZED = FINE = HARD = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, bench)
          grey = picture.grey
          dots_a_pixel = figures[:dots_per_inch] / Measure::Length::INCH_MM / bench.per_mm
          dots = grey > levels(wave(grey.width, grey.height, dots_a_pixel, figures[:angle]))
          greys = bench.kind&.photograph? ? nil : greys(picture, grey, dots_a_pixel, bench)
          Picture.made((greys ? greys.ifthenelse(dots, grey > MIDDLE) : dots).cast(:uchar), notes: picture.notes)
        end

        # what is darker, or lighter, is no grey: levels
        GREYS = (13..242)
        MIDDLE = 127
        LEAST_PX = 5

        # continuous tone, and greys at least half a dot wide
        # @return [Vips::Image] a mask
        def greys(picture, grey, dots_a_pixel, bench)
          wide = [(0.5 / dots_a_pixel).round, LEAST_PX].max | 1
          even = (grey >= GREYS.begin) & (grey <= GREYS.end)
          opened = Graphics::Pixels.squared(Graphics::Pixels.squared(even, :erode, wide), :dilate, wide)
          toned = bench.toned(picture)
          toned ? opened | toned : opened
        end

        # 0 … 1 between two crossed cosines
        def wave(width, height, frequency, angle)
          xy = Vips::Image.xyz(width, height)
          radians = angle * Math::PI / 180
          u = xy[0] * Math.cos(radians) + xy[1] * Math.sin(radians)
          v = xy[1] * Math.cos(radians) - xy[0] * Math.sin(radians)
          ((u * (360 * frequency)).cos + (v * (360 * frequency)).cos) / 4 + 0.5
        end

        # spread so that as many places lie under each level as the level says
        def levels(wave)
          equal = Graphics::Pixels.held((wave * 255).cast(:uchar))
          share = equal.hist_find.hist_cum.hist_norm
          Graphics::Pixels.held(equal.maplut(share).linear(252.0 / 255, 2).cast(:uchar))
        end
      end
    end
  end
end
