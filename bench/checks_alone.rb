# frozen_string_literal: true

# One picture of 600 pixels an inch through all checks; prints seconds in a
# process that has just started, peak MB, and seconds when it does so again.
#   checks_alone.rb PICTURE
require_relative "../config/boot"
UpClose::LOADER.eager_load

bytes = File.binread(ARGV.first)
look = lambda do
  artwork = UpClose::Artwork::Opening.call(bytes)
  start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  findings = UpClose::Artwork::Checks.findings(UpClose::Artwork::CheckContext.new(
    artwork: artwork,
    width_mm: artwork.ink.box.width / 600 * 25.4,
    surface: UpClose::Colour.hex("#d9b98a"),
    border_mm: 3,
    limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("solvent-rub"), printer: :laser)
  ))
  abort "no findings" if findings.size < 8
  Process.clock_gettime(Process::CLOCK_MONOTONIC) - start
end
first = look.call
peak = File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024
again = Array.new(3) { look.call }.min
puts first, peak, again
