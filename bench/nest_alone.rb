# frozen_string_literal: true

# Lays 640 real outlines with the effort named, and prints seconds and peak MB.
require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "up_close"
require "shelves/font_shelf"
UpClose::LOADER.eager_load
require_relative "real_outlines"

nesting = UpClose::Sheets::Nesting
parts = RealOutlines.call(640)
start = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
nesting::Search.new(parts, leftovers: [], fresh: nesting::Blank.new(width_mm: 215.9, height_mm: 279.4), room: nesting::Room.new(gap_mm: 2, frame_mm: 8), effort: ARGV.fetch(0)).call
puts Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - start, File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024
