# frozen_string_literal: true

module Helpers
  # Middleware. Whoever sits at this computer may do all; whoever comes from the network has to be signed in, and then
  # may do what its role allows. Before anything that was sent is read.
  class Gate
    # What asks: its role, and the device it signed in as, nil at this computer
    Caller = Struct.new(:role, :device) do
      def here? = device.nil?

      def helper? = role == "helper"
    end

    CALLER = "up_close.caller"
    # set by something between, which then asks for another
    FORWARDED = %w[HTTP_X_FORWARDED_FOR HTTP_X_FORWARDED_HOST HTTP_FORWARDED HTTP_X_REAL_IP].freeze
    # pages by which one signs in, and what they are drawn with
    OPEN = %r{\A/(sign-in|join/[\w-]+|css/[\w.-]+|icon\.svg|manifest\.webmanifest)\z}

    # @param rights [HelperRights] what a helper's device may ask for
    def initialize(app, rights:)
      @app, @rights = app, rights
    end

    def call(env)
      return told(400, Gate.wrong_name) if claims_to_be_here?(env)
      caller = Gate.here?(env) ? Caller.new("maker", nil) : signed_in(env)
      return @app.call(env.merge!(CALLER => caller)) if open?(env) || (caller && allowed?(env, caller))
      return told(403, "A helper can look, and press Done at the bench. Ask the maker for the rest.") if caller
      asks_for_page?(env) ? [303, {"location" => "/sign-in"}, []] : told(401, "Sign in first: open this shop's page.")
    end

    # whether it was sent by this very computer, through nothing between
    def self.here?(env)
      Shelves::OwnAddresses.loopback?(env["REMOTE_ADDR"]) && FORWARDED.none? { |name| env[name] } &&
        Shelves::OwnAddresses.loopback_name?(host_of(env))
    end

    # @return [String] the name that was asked for, without its port
    def self.host_of(env) = env["HTTP_HOST"].to_s.downcase.sub(/:\d+\z/, "").delete("[]")

    # whether a name that is asked for is one of this computer's own
    def self.own_name?(env)
      Settings.off_loopback? && (Shelves::OwnAddresses.names + Shelves::OwnAddresses.all).include?(host_of(env))
    end

    def self.wrong_name
      "Up Close does not answer to this name. Open it by this computer's address, or start it with " \
        "UP_CLOSE_NAMES set to the name."
    end

    private

    # a loopback name, from elsewhere
    def claims_to_be_here?(env)
      Shelves::OwnAddresses.loopback_name?(Gate.host_of(env)) && !Shelves::OwnAddresses.loopback?(env["REMOTE_ADDR"])
    end

    def signed_in(env)
      token = env["rack.session"] && env["rack.session"][:device]
      device = ActiveRecord::Base.connection_pool.with_connection { SignedDevice.by_token(token, Time.now) } if token
      device && Caller.new(device.role, device)
    end

    def open?(env) = OPEN.match?(env["PATH_INFO"])

    def allowed?(env, caller) = !caller.helper? || @rights.allows?(env["REQUEST_METHOD"], env["PATH_INFO"])

    def asks_for_page?(env) = env["REQUEST_METHOD"] == "GET" && env["HTTP_ACCEPT"].to_s.include?("text/html")

    def told(code, words) = [code, {"content-type" => "text/plain; charset=utf-8"}, [words]]
  end
end
