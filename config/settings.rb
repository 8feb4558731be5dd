# frozen_string_literal: true

require "fileutils"
require "securerandom"
require_relative "../lib/shelves/own_addresses"

# Where things are kept, and who may call. All from the environment, all with a default.
module Settings
  ROOT = File.expand_path("..", __dir__)
  # the time zone this computer was started in, nil where it is the system's own
  COMPUTER_ZONE = ENV["TZ"]

  # server threads, more than may wait for a worker, and connections for them and for what goes on beside them
  THREADS = 40
  CONNECTIONS = THREADS + 16

  module_function

  # the folder of everything a maker makes
  def home = ENV.fetch("UP_CLOSE_HOME", File.join(ROOT, "var"))

  # loopback unless told otherwise
  def host = ENV.fetch("UP_CLOSE_HOST", "127.0.0.1")

  # whether other computers can reach it
  def off_loopback? = !Shelves::OwnAddresses.loopback_name?(host)

  # a certificate and its key, by which what is sent is not read on the way
  # @return [Array<String>, nil] two paths
  def tls
    paths = [ENV["UP_CLOSE_CERT"], ENV["UP_CLOSE_KEY"]].map(&:to_s)
    paths unless paths.all?(&:empty?)
  end

  def tls? = !tls.nil?

  # @param host [String] what a browser is to ask for
  def address(host = self.host)
    host = "localhost" if Shelves::OwnAddresses::ANYWHERE.include?(host)
    "#{tls? ? "https" : "http"}://#{host.include?(":") ? "[#{host}]" : host}:#{port}"
  end

  def port = Integer(ENV.fetch("UP_CLOSE_PORT", "4567"))

  # names this server answers to
  def permitted_hosts = ["127.0.0.1", "localhost", "::1", host, *ENV.fetch("UP_CLOSE_NAMES", "").split(",")].uniq

  def database
    FileUtils.mkdir_p(home)
    {adapter: "sqlite3", database: File.join(home, "up_close.sqlite3"), timeout: 5000, pool: CONNECTIONS,
     # what was acknowledged outlives a power cut
     pragmas: {synchronous: :full}}
  end

  # what lies in the simulated devices
  def devices = File.join(home, "devices")

  def originals = File.join(home, "originals")

  # a maker's own fonts
  def fonts = File.join(home, "fonts")

  # what has been opened of them: all of it can be thrown away
  def opened = File.join(home, "opened")

  # what was asked and what went wrong, never what was typed
  def log = File.join(home, "log")

  # kept between starts, so that a restart logs nobody's form out
  def session_secret
    path = File.join(home, "session.secret")
    FileUtils.mkdir_p(home)
    unless File.exist?(path)
      File.open(path, File::WRONLY | File::CREAT | File::EXCL, 0o600) { |f| f.write(SecureRandom.hex(64)) }
    end
    File.read(path)
  rescue Errno::EEXIST
    File.read(path)
  end
end
