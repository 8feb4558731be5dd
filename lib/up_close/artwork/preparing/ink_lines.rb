# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # A photo as ink lines: the difference of two Gaussians finds edges, and what
      # is left is made black or bare (H. Winnemöller and others, 2012). Lines and letters
      # beside a photo stay.
      module InkLines
        KEY = "ink-lines"
        LISTED = 50
        TITLE = "Photo to ink lines"
        WORDS = "Edges become lines of about this width. The rest is removed."
        PARAMETERS = [
          Figure.new(:line_mm, "line", 0.3, 0.05..5.0, " mm"),
          Figure.new(:darkness, "darkness", 50.0, 0.0..100.0, " %")
        ].freeze
        SIZED = FINE = HARD = true
        WIDER = 1.6
        # shares of the picture that are inked at no darkness and at full: the level is found by its own edges
        SHARES = [0.02, 0.2].freeze
        # grey steps that an edge stands out by at least, however many are wanted
        LEAST_STEP = 0.4

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, bench)
          sigma = [figures[:line_mm] * bench.per_mm / 2, 0.6].max
          grey = picture.grey
          edges = grey.gaussblur(sigma, precision: :float) - grey.gaussblur(sigma * WIDER, precision: :float)
          bare = edges > -level(edges, figures[:darkness] / 100)
          toned = bench.toned(picture)
          Picture.made((toned ? toned.ifthenelse(bare, grey > MIDDLE) : bare).cast(:uchar), notes: picture.notes)
        end

        # levels: an edge that was soft lies there
        MIDDLE = 127

        # @param darkness [Float] 0..1  @return [Float] grey steps
        def level(edges, darkness)
          least, most = SHARES
          share = least * (most / least)**darkness
          # a histogram of how far each place is darker than round it, in steps of a quarter
          deep = (edges * -4).cast(:uchar).hist_find.to_a.flatten
          wanted = deep.sum * (1 - share)
          [deep.each_index.find { |step| deep.first(step + 1).sum >= wanted } / 4.0, LEAST_STEP].max
        end
      end
    end
  end
end
