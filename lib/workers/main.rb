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
require "shelves/drawn_board"
require "shelves/bound_artwork"
require "shelves/seen_on_piece"
require "shelves/word_in_photo"
require "shelves/worked_template"
require "shelves/stop_cuts"
require "shelves/outside_picture"
require "shelves/coupon_photo"
require "shelves/outcome_photo"
require "shelves/font_file"
require "shelves/sheet_search"
require "shelves/bundle_file"
require "workers"
# the simulated devices draw here too
module Devices; end
DEVICES = Zeitwerk::Loader.new
DEVICES.push_dir(File.expand_path("../../devices", __dir__), namespace: Devices)
DEVICES.setup
DEVICES.eager_load
UpClose::LOADER.eager_load
# what nearly every piece of work would read anew: the shipped fonts, and what the picture library's operations take
Shelves::FontShelf.shipped.each_key { |key| Shelves::FontShelf.fetch(key) }
%w[
  svgload_buffer pngload_buffer jpegload_buffer pdfload_buffer pngsave_buffer copy cast flatten crop embed extract_band
  bandjoin bandrank linear relational relational_const boolean boolean_const resize shrink reduce morph invert
  colourspace labelregions avg stats min max project xyz hist_find_indexed find_trim gaussblur replicate math2_const add
  subtract multiply divide dE00 icc_transform autorot black matrixload getpoint hist_find bandbool bandmean gaussmat
  conv convsep affine
].each do |name|
  Vips::Introspect.get(name)
rescue Vips::Error
  next
end

while (work = Workers::Frames.read($stdin))
  child = fork { Workers::Child.new(answers).call(*work) }
  _, status = Process.wait2(child)
  # what died of itself may have left half an answer on the pipe: the shop starts another worker
  exit!(1) unless status.success?
end
