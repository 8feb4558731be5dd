# frozen_string_literal: true

require "vips"

# An A4 page of continuous tone from 24 million pixels: each step of preparing, and all checks of what comes out.
module Bench
  # tones, a few soft-edged things and grain
  SCENE = lambda do |wide, high|
    grid = Vips::Image.xyz(wide, high)
    x, y = grid[0] / wide, grid[1] / high
    tone = x * 90 + y * 120 + (x * 25).sin * 30 + 40
    3.times do |i|
      inside = (x - 0.3 - 0.2 * i)**2 + (y - 0.5)**2 < (0.1 + 0.05 * i)**2
      tone = inside.ifthenelse(tone * 0.3 + 20 * i, tone)
    end
    grey = (tone.gaussblur(2) + Vips::Image.gaussnoise(wide, high, mean: 0, sigma: 6, seed: 1)).cast(:uchar)
    grey.bandjoin([(grey * 0.8 + 20).cast(:uchar), (grey * 0.6 + 60).cast(:uchar)]).copy(interpretation: :srgb)
  end

  Dir.mktmpdir do |dir|
    path = File.join(dir, "scene.jpg")
    SCENE.call(4000, 6000).jpegsave(path, Q: 80)
    steps = UpClose::Artwork::Preparing.all.map { |step| step::KEY } - %w[field bend]
    [nil, *steps].each do |key|
      took, peak, alone = alone("prepared_alone.rb", path, "200", *key, times: 1)
      report(
        "A4 of 24 megapixels: #{key || "as it came"}, all checks",
        format("%.1f s (until prepared %.1f), peak %d MB", took, alone, peak), "under 8 s, 400 MB"
      )
    end
  end
end
