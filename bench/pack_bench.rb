# frozen_string_literal: true

# A print pack of 24 marks with a 10-megapixel picture.
module Bench
  plain = Vips::Image.gaussnoise(3873, 2582, mean: 120, sigma: 30).cast(:uchar)
  photo = plain.bandjoin([plain.linear(0.8, 10).cast(:uchar), plain.linear(0.6, 40).cast(:uchar)])
    .copy(interpretation: :srgb)
    .gaussblur(4)
    .cast(:uchar)
  Dir.mktmpdir do |dir|
    {"JPEG" => "photo.jpg[Q=90]", "PNG" => "photo.png[compression=6]"}.each do |name, file|
      photo.write_to_file(File.join(dir, file))
      took, peak = alone("pack_alone.rb", File.join(dir, file.sub(/\[.*/, "")))
      report(
        "pack of 24, a 10-megapixel #{name}, opening included",
        format("%.2f s, peak %d MB", took, peak),
        "under 2 s, 400 MB"
      )
    end
  end
end
