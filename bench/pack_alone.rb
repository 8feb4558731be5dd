# frozen_string_literal: true

# Makes a print pack of 24 from the picture named, and prints seconds and peak MB.
require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "up_close"
require "shelves/print_files"
UpClose::LOADER.eager_load

start = Process.clock_gettime(Process::CLOCK_MONOTONIC)
artwork = UpClose::Artwork::Opening.call(File.binread(ARGV.fetch(0)))
pack = UpClose::Printing::Pack.new(
  artwork: artwork,
  ink: artwork.ink,
  width_mm: 40,
  mirrored: true,
  copies: 24,
  paper: UpClose::Printing::Paper.fetch("a4"),
  border_mm: 3.0,
  heading: UpClose::Printing::Heading.new(title: "bench", stock: UpClose::Sheets::Stock.fetch("clear-film"))
)
Shelves::PrintFiles.bytes(pack, "pdf", title: "bench")
puts Process.clock_gettime(Process::CLOCK_MONOTONIC) - start,
  File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024
