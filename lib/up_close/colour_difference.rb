# frozen_string_literal: true

module UpClose
  # CIEDE2000 (G. Sharma, W. Wu and E. Dalal, The CIEDE2000 Color-Difference Formula, 2005;
  # its numbered equations), all weights 1.
  module ColourDifference
    module_function

    # @param first [Array(Float, Float, Float)] L*, a*, b*  @param second [Array(Float, Float, Float)]
    # @return [Float]
    def call(first, second)
      (l1, c1, h1), (l2, c2, h2) = polar(first, second)
      dl, dc = l2 - l1, c2 - c1
      turn = hue_turn(c1, c2, h1, h2)
      dh = 2 * Math.sqrt(c1 * c2) * Math.sin(radians(turn / 2.0))
      l, c, h = (l1 + l2) / 2.0, (c1 + c2) / 2.0, mean_hue(c1, c2, h1, h2)
      sl = 1 + 0.015 * (l - 50)**2 / Math.sqrt(20 + (l - 50)**2)
      sc, sh = 1 + 0.045 * c, 1 + 0.015 * c * hue_weight(h)
      rt = -Math.sin(radians(60 * Math.exp(-((h - 275) / 25)**2))) * 2 * Math.sqrt(c**7 / (c**7 + 25.0**7))
      Math.sqrt((dl / sl)**2 + (dc / sc)**2 + (dh / sh)**2 + rt * (dc / sc) * (dh / sh))
    end

    # equations 2 to 7: lightness, chroma and hue, with a* stretched for greys
    def polar(*colours)
      mean = colours.sum { |_, a, b| Math.hypot(a, b) } / 2.0
      stretch = 1 + 0.5 * (1 - Math.sqrt(mean**7 / (mean**7 + 25.0**7)))
      colours.map do |l, a, b|
        red = a * stretch
        [l, Math.hypot(red, b), (red.zero? && b.zero?) ? 0.0 : degrees(Math.atan2(b, red)) % 360]
      end
    end

    # equation 10
    def hue_turn(c1, c2, h1, h2)
      return 0.0 if (c1 * c2).zero?
      turn = h2 - h1
      return turn if turn.abs <= 180
      (turn > 180) ? turn - 360 : turn + 360
    end

    # equation 14
    def mean_hue(c1, c2, h1, h2)
      return h1 + h2 if (c1 * c2).zero?
      return (h1 + h2) / 2.0 if (h1 - h2).abs <= 180
      (h1 + h2 < 360) ? (h1 + h2 + 360) / 2 : (h1 + h2 - 360) / 2.0
    end

    # equation 15
    def hue_weight(h)
      1 - 0.17 * Math.cos(radians(h - 30)) + 0.24 * Math.cos(radians(2 * h)) + 0.32 * Math.cos(radians(3 * h + 6)) -
        0.20 * Math.cos(radians(4 * h - 63))
    end

    # @param degrees [Float]  @return [Float]
    def radians(degrees) = degrees * Math::PI / 180

    # @param radians [Float]  @return [Float]
    def degrees(radians) = radians * 180 / Math::PI
  end
end
