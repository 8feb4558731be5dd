# frozen_string_literal: true

# Lays the outlines of a file with the effort named, and prints seconds and peak MB.
require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "json"
require "up_close"

path, effort = ARGV
request = UpClose::Sheets::Nesting::Request.new(JSON.parse(File.read(path)).merge("effort" => effort))
start = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
request.search.call
puts Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - start,
  File.read("/proc/self/status")[/VmHWM:\s+(\d+)/, 1].to_i / 1024
