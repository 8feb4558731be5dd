# frozen_string_literal: true

require "io/console"
require "openssl"
require "uri"
require_relative "settings"
require_relative "../lib/shelves/passphrase"

# Where the shop is served, and what that asks for first, each told as one sentence with what to do.
module Listening
  PORTS = (1..65_535)

  module_function

  def check_port
    number = Integer(ENV.fetch("UP_CLOSE_PORT", "4567"), 10, exception: false)
    return if number && PORTS.cover?(number)
    abort "UP_CLOSE_PORT is “#{ENV["UP_CLOSE_PORT"]}”. Set it to a number from #{PORTS.min} to #{PORTS.max}, or " \
      "leave it out for 4567."
  end

  # a shop that the network reaches asks for a passphrase: set now, where someone can type it
  def check_passphrase
    passphrase = Shelves::Passphrase.new(Settings.home)
    return if !Settings.off_loopback? || passphrase.set?
    unless $stdin.tty?
      abort "At UP_CLOSE_HOST=#{Settings.host} other devices reach this shop, and it has no passphrase yet. Set one " \
        "with bin/passphrase, then start again; or leave UP_CLOSE_HOST out to serve this computer alone."
    end
    puts "Other devices will reach this shop at #{Settings.host}. Choose the passphrase they are asked for."
    passphrase.set(typed_twice)
  rescue UpClose::Error => error
    abort error.sentence
  end

  # @return [String] unseen, typed twice where someone sits at a terminal
  def typed_twice
    return $stdin.read.to_s.chomp unless $stdin.tty?
    first = $stdin.getpass("Passphrase: ")
    abort "The two differ. Nothing was changed." unless $stdin.getpass("Once more: ") == first
    first
  end

  # the certificate is read, fits its key and is not over, before anything is served
  def check_tls
    return unless Settings.tls?
    certificate, key = Settings.tls
    abort "Set both UP_CLOSE_CERT and UP_CLOSE_KEY, or neither." if certificate.empty? || key.empty?
    abort "This Ruby's Puma was built without TLS. Install libssl-dev, then run bin/setup again." unless Puma.ssl?
    read = OpenSSL::X509::Certificate.new(File.read(certificate))
    fits = read.check_private_key(OpenSSL::PKey.read(File.read(key), ""))
    abort "The key #{key} does not belong to the certificate #{certificate}." unless fits
    ended = read.not_after
    abort "The certificate #{certificate} ended on #{ended.to_date}. Give a new one." if ended < Time.now
  rescue SystemCallError, OpenSSL::OpenSSLError => error
    abort "The certificate or its key cannot be read (#{error.message.lines.first.strip}). UP_CLOSE_CERT and " \
      "UP_CLOSE_KEY are paths of PEM files, the key without a passphrase."
  end

  # @return [String] as Puma is told where to listen
  def bound_at
    host = Settings.host.include?(":") ? "[#{Settings.host}]" : Settings.host
    return "tcp://#{host}:#{Settings.port}" unless Settings.tls?
    certificate, key = Settings.tls.map { |path| URI.encode_www_form_component(File.expand_path(path)) }
    "ssl://#{host}:#{Settings.port}?cert=#{certificate}&key=#{key}&verify_mode=none"
  end
end
