# frozen_string_literal: true

# Finds the project's own gems, wherever it is started from. What only tests and
# lint need may be missing, unless tests say otherwise.
ENV["BUNDLE_GEMFILE"] = File.expand_path("../Gemfile", __dir__)
ENV["BUNDLE_PATH"] ||= File.expand_path("../vendor/bundle", __dir__)
ENV["BUNDLE_FORCE_RUBY_PLATFORM"] ||= "true"
ENV["BUNDLE_WITHOUT"] ||= "test:lint"
# what is wrong with a picture is said once, in our words
ENV["VIPS_WARNING"] ||= "off"
begin
  require "bundler/setup"
rescue LoadError, StandardError => error
  abort "Up Close is not set up yet: run bin/setup once. (#{error.message.lines.first.strip})"
end
