# frozen_string_literal: true

require "up_close"
require "workers"
require "zeitwerk"

# the simulated devices, where no shop has loaded them
unless defined?(Devices)
  module Devices; end
  loader = Zeitwerk::Loader.new
  loader.push_dir(File.expand_path("../../devices", __dir__), namespace: Devices)
  loader.setup
end
