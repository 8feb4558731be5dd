# frozen_string_literal: true

require_relative "line_art"

# Artwork looked at: how true, and how fast.
module Bench
  per_mm = 600 / 25.4
  bodies = {
    "straight" => [
      ->(w) { %(<rect y="1" width="20" height="#{w}"/><rect x="3" y="5" width="8" height="4"/>) },
      ->(w) { %(<rect width="20" height="5"/><rect y="#{5 + w}" width="20" height="5"/>) }
    ],
    "slanted" => [
      ->(w) {
        [
          %(<line x1="1" y1="1" x2="19" y2="8.3" stroke="#000" stroke-width="#{w}"/><rect x="3" y="9" width="8" ),
          %(height="4"/>)
        ].join
      },
      ->(w) {
        %(<g transform="rotate(23 10 10)"><rect width="20" height="5"/><rect y="#{5 + w}" width="20" height="5"/></g>)
      }
    ],
    "curved" => [
      ->(w) {
        [
          %(<circle cx="8" cy="8" r="7" fill="none" stroke="#000" stroke-width="#{w}"/><rect x="5" y="5" width="5" ),
          %(height="5"/>)
        ].join
      },
      ->(w) {
        [
          %(<circle cx="10" cy="10" r="4"/><circle cx="10" cy="10" r="#{5.5 + w}" fill="none" stroke="#000" ),
          %(stroke-width="3"/>)
        ].join
      }
    ]
  }
  found = lambda do |art, width, ground|
    UpClose::Artwork::Thinness::Survey
      .new(UpClose::Artwork::SizedRaster.new(art, width_mm: width), limit_mm: 0.2, ground: ground)
      .thinnest
  end
  bodies.each do |kind, ladders|
    worst = {"lines" => 0.0, "pixels" => 0.0}
    ladders.each_with_index do |body, gap|
      (2..20).each do |step|
        wide = step * 0.05
        art = UpClose::Artwork::Opening.call(
          [
            %(<svg xmlns="http://www.w3.org/2000/svg" width="24mm" height="24mm" viewBox="0 0 24 24">),
            %(#{body.call(wide)}</svg>)
          ].join,
          take_all: true
        )
        image = UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box.grown(1), scale: per_mm * art.mm_per_unit)
        pixels = UpClose::Artwork::Opening.call(image.pngsave_buffer)
        worst["lines"] = [
          worst["lines"],
          ((found.call(art, art.ink.box.width * art.mm_per_unit, gap == 1) || 9) - wide).abs
        ].max
        worst["pixels"] = [
          worst["pixels"],
          ((found.call(pixels, pixels.ink.box.width / per_mm, gap == 1) || 9) - wide).abs
        ].max
      end
    end
    report(
      "#{kind} lines and gaps 0.10 … 1.00, worst error",
      worst.map { |form, mm| format("%s %.3f mm", form, mm) }.join(", "),
      "within 0.03 mm"
    )
  end

  pictures = {
    "an ordinary mark, 50 × 50 mm at 600 dpi, all checks" => [-> { LineArt.ordinary(50.0, 600) }, "under 0.5 s"],
    "the same size packed with line art" => [-> { LineArt.png(50.0, 50.0, 600) }, "–"],
    "a Letter page packed with it (5102 × 6591), all checks" => [
      -> { LineArt.png(216.0, 279.0, 600) },
      "under 6 s, 700 MB"
    ]
  }
  Dir.mktmpdir do |dir|
    pictures.each do |words, (draw, wanted)|
      path = File.join(dir, "art.png")
      File.binwrite(path, draw.call)
      took, peak = alone("checks_alone.rb", path)
      report(words, format("%.2f s, peak %d MB", took, peak), wanted)
    end
  end
end
