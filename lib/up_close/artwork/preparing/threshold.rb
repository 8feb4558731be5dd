# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Black or bare, nothing between. Without a figure the level is Otsu's: the
      # one that parts dark from light best (N. Otsu, 1979).
      module Threshold
        KEY = "threshold"
        LISTED = 60
        TITLE = "Black or bare"
        WORDS = "Darker than the level is inked, lighter is bare. Level 0 is automatic (Otsu)."
        PARAMETERS = [Figure.new(:level, "level", 0.0, 0.0..254.0, "")].freeze
        FINE = HARD = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(picture, figures, _bench)
          grey = picture.grey
          level = figures[:level].zero? ? otsu(grey) : figures[:level]
          Picture.made((grey > level).cast(:uchar))
        end

        # @return [Integer] 0 … 254: the level that makes the variance between both sides greatest
        def otsu(grey)
          counts = grey.hist_find.to_a.flatten.first(256)
          total, sum = counts.sum.to_f, counts.each_with_index.sum { |n, v| n * v }
          below = below_sum = 0.0
          (0...counts.size - 1).max_by do |v|
            below += counts[v]
            below_sum += counts[v] * v
            next 0.0 if below.zero? || below == total
            below * (total - below) * (below_sum / below - (sum - below_sum) / (total - below))**2
          end
        end
      end
    end
  end
end
