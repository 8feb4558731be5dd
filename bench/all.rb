# frozen_string_literal: true

require "tmpdir"
ENV["UP_CLOSE_HOME"] = home = Dir.mktmpdir("up-close-bench")
owner = Process.pid
at_exit { FileUtils.rm_rf(home) if Process.pid == owner }
require_relative "../config/boot"
require "rack/mock"
require_relative "support"

Database.migrate
Database.load_demo
# memory is measured first, before this process has grown
order = %w[pack exactness pages start]
names = ARGV.empty? ? Dir[File.join(__dir__, "*_bench.rb")].map { |f| File.basename(f, "_bench.rb") } : ARGV
names.sort_by { |name| [order.index(name) || order.size, name] }.each { |name| require_relative "#{name}_bench" }
Bench.print
