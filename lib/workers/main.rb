# frozen_string_literal: true

# What a worker runs: takes work from its standard input, and does each piece in a child of
# its own, which answers on the standard output and is gone. No threads here, so that forking is safe.
answers = $stdout.dup
$stdout.reopen($stderr)
require_relative "../bundle"
$LOAD_PATH.unshift File.expand_path("..", __dir__)
require "up_close"
require "shelves/drawn_artwork"
require "shelves/print_job"
require "shelves/outside_picture"
require "shelves/font_file"
require "workers"
UpClose::LOADER.eager_load

while (work = Workers::Frames.read($stdin))
  child = fork { Workers::Child.new(answers).call(*work) }
  _, status = Process.wait2(child)
  # what died of itself may have left half an answer on the pipe: the shop starts another worker
  exit!(1) unless status.success?
end
