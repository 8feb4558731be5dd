# frozen_string_literal: true

# Brings the database up to date and serves, on this machine only unless told otherwise.
$stdout.sync = true
require_relative "opening"
require_relative "listening"
Listening.check_port
Opening.check_home
Opening.sweep
require_relative "boot"
require "puma"
require "puma/configuration"
require "puma/launcher"

Listening.check_passphrase
Listening.check_tls
Opening.check_database
Opening.copy_before_migrating
Database.migrate
ShopZone.apply
HistoryEntry.forget_old(Time.now)
SentForm.forget_old(Time.now)
again = Actions::OpenAgain.waiting.size
if again.positive?
  puts "Opening #{again} artworks once more, since files are read more truly now"
  Actions::OpenAgain.all
end
if ARGV.include?("--demo")
  puts "An empty shop is given the demo story once" unless Job.exists?
  Database.load_demo { |share| puts format("%3d %%", share * 100) }
end

configuration = Puma::Configuration.new do |puma|
  puma.bind Listening.bound_at
  puma.threads 4, Settings::THREADS
  puma.http_content_length_limit Web::MOST_REQUEST_BYTES
  puma.app Web
  puma.quiet
end
launcher = Puma::Launcher.new(configuration, log_writer: Puma::LogWriter.strings)
launcher.events.after_booted do
  Workers.pool.warm
  # what no one has looked at yet is looked at in a quiet moment, so that the rows are filled
  Thread.new { Actions::LookAtArtwork.the_rest }
end
launcher.events.after_booted do
  puts "Up Close is open at #{Settings.address} · close it with Ctrl-C"
  Shelves::OwnAddresses.reached_at(Settings.host).first(2).each do |address|
    puts "Other devices find it at #{Settings.address(address)}"
  end
end
begin
  launcher.run
rescue Errno::EADDRINUSE
  abort "Something already answers at #{Settings.address}. If it is Up Close, just open that " \
    "page; else set UP_CLOSE_PORT to another number."
rescue Errno::EADDRNOTAVAIL, SocketError
  abort "This computer has no address #{Settings.host}. Set UP_CLOSE_HOST to one of its own, or leave it out."
end
