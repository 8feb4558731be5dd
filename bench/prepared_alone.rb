# frozen_string_literal: true

# One step of preparing a picture, and all checks of what comes out, in a process that has just started; prints seconds
# and peak MB of both together, and seconds of the step alone.
#   prepared_alone.rb PICTURE WIDTH_MM STEP
require_relative "../config/boot"
UpClose::LOADER.eager_load

path, width, key = ARGV
figures = (key == "crop") ? {"left" => 3} : {}
shape = UpClose::Surfaces.fetch("rectangle").new(width_mm: 190.0, height_mm: 280.0)
start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
artwork = UpClose::Artwork::Opening.call(File.binread(path))
per_mm = artwork.ink.box.width / width.to_f
if key
  recipe = UpClose::Artwork::Recipe.new([{"key" => key, "on" => true}.merge(figures)])
  prepared = recipe.call(artwork, per_mm: per_mm, shape: shape, colour: UpClose::Colour.hex("#d9b98a"))
  artwork, per_mm = prepared.artwork, per_mm * prepared.ratio
  artwork.ink
end
step = Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
findings = UpClose::Artwork::Checks.findings(UpClose::Artwork::CheckContext.new(
  artwork: artwork,
  width_mm: artwork.ink.box.width / per_mm,
  surface: UpClose::Colour.hex("#d9b98a"),
  border_mm: 3,
  limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("gel-medium"), printer: :laser)
))
abort "no findings" if findings.size < 5
puts Process.clock_gettime(Process::CLOCK_MONOTONIC) - start,
  File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024, step
