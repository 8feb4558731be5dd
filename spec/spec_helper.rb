# frozen_string_literal: true

require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "up_close"
require "shelves/print_files"
Dir[File.join(__dir__, "support", "*.rb")].sort.each { |file| require file }

RSpec.configure do |config|
  config.disable_monkey_patching!
  config.expect_with(:rspec) { |c| c.syntax = :expect }
  # the whole of what is tried in part by default: rspec --tag slow; all of both: bin/test --all
  config.filter_run_excluding slow: true unless ENV["UP_CLOSE_ALL"]
  config.include Speaking
  config.include Measuring, :measured
  # pictures lie outside what Ruby counts: without this they pile up for minutes
  measured = 0
  config.after(:each, :measured) { GC.start if ((measured += 1) % 6).zero? }
end
