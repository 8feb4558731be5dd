# frozen_string_literal: true

source "https://rubygems.org"

gem "sinatra", "~> 4.2"
gem "erubi", "~> 1.13"
gem "puma", "~> 8.0"
gem "rackup", "~> 2.2"
gem "rake", "~> 13.2"
gem "activerecord", "~> 7.2.2"
gem "sinatra-activerecord", "~> 2.0"
gem "sqlite3", "~> 2.8"
gem "zeitwerk", "~> 2.6.18"

gem "ruby-vips", "~> 2.2"
gem "prawn", "~> 2.5"
gem "matrix", "~> 0.4"
gem "ttfunk", "~> 1.8"
gem "rexml", "~> 3.4"
gem "csv", "~> 3.3"
gem "pdf-reader", "~> 2.14"
gem "ffi-geos", "~> 2.5"
gem "icalendar", "~> 2.10"
gem "rubyzip", "~> 3.2", require: "zip"
gem "bcrypt", "~> 3.1"
gem "rqrcode", "~> 2.2"
gem "json_schemer", "~> 2.5"

group :test do
  gem "rspec", "~> 3.13"
  gem "rspec-retry", "~> 0.6"
  gem "parallel_tests", "~> 4.7"
  gem "rack-test", "~> 2.2"
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.17"
  gem "axe-core-api", "~> 4.10"
  gem "pdf-inspector", "~> 1.3"
end

group :lint do
  gem "standard", "~> 1.50"
end
