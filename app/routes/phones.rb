# frozen_string_literal: true

module Routes
  # Other devices: letting one in, what each may do, and shutting it out.
  module Phones
    TRIES, CODES = Shelves::SlowedTries.new, Shelves::JoinCodes.new

    # what only these routes need
    module Helping
      def passphrase = @passphrase ||= Shelves::Passphrase.new(Settings.home)

      # at this computer nothing else stands between it and the shop
      def caller_now = env[Helpers::Gate::CALLER]

      # @param code [String, nil] one that was just made
      def phones_page(code: nil, error: nil, chosen: nil)
        page :"phones/index", here: :phones, title: "Bring the bench to your phone", error: error,
          phones: Presenters::PhonesPage.new(code, chosen, now: now, here: caller_now.here?, set: passphrase.set?)
      end

      def door(view, **locals)
        name = params["name"] || SignedDevice.kind_of(request.user_agent)
        erb :"phones/#{view}", layout: :layout_door,
          locals: {error: nil, code: nil, role_words: nil, name: name, plain: !Settings.tls?, **locals}
      end

      def let_in(role)
        device, token = SignedDevice.let_in!(params["name"], role, now)
        # whoever had this browser's session before does not go on with it
        session.clear
        session[:device] = token
        device
      end

      # @param verb [Symbol] :role to look at a code, :use to use it up
      # @return [String] the role it gives
      def role_by_code(verb)
        role = nil
        came = TRIES.try(request.env["REMOTE_ADDR"]) { role = CODES.public_send(verb, params["code"].downcase) }
        return role if role
        halt(*too_many(came) { |words| door(:join, error: words) }) if came
        halt 410, door(:join, error: "This code is not known here: mistyped, used, or older than ten minutes.")
      end

      # @param seconds [Integer] to wait  @yield [String] the sentence
      # @return [Array(Integer, String)]
      def too_many(seconds)
        headers "retry-after" => seconds.to_s
        [429, yield("Too many wrong tries. Try again in #{Presenters::Moments.about(seconds)}.")]
      end

      # @return [String, nil] why this passphrase lets nobody in
      def sign_in_refusal
        return "No passphrase is set. At the shop's computer, run bin/passphrase." unless passphrase.set?
        came = TRIES.try(request.env["REMOTE_ADDR"]) { passphrase.right?(params["passphrase"].to_s) }
        return if came == true
        return "That is not the passphrase." unless came
        halt(*too_many(came) { |words| door(:sign_in, error: words) })
      end
    end

    def self.registered(app)
      app.helpers Helping
      letting_in(app)
      shutting_out(app)
      signing_in(app)
      joining(app)
    end

    # a code for one device
    def self.letting_in(app)
      app.get("/phones") { phones_page }

      app.post "/phones/code" do
        role = SignedDevice::ROLES.key?(params["role"]) ? params["role"] : "helper"
        hosts = Shelves::OwnAddresses.reached_at(Settings.host)
        host = hosts.include?(params["host"]) ? params["host"] : hosts.first
        halt 409, phones_page(error: "No other device reaches this shop yet. The lines below say how.") unless host
        phones_page(code: CODES.make(role), chosen: host)
      end
    end

    # one device, or all of them by a new passphrase
    def self.shutting_out(app)
      app.post "/phones/passphrase" do
        halt 403, phones_page(error: "The passphrase is set at the shop's own computer.") unless caller_now.here?
        passphrase.set(params["passphrase"].to_s)
        SignedDevice.shut_all_out(now)
        redirect to("/phones"), 303
      rescue UpClose::Error => refusal
        halt 422, phones_page(error: refusal.sentence)
      end

      app.post "/phones/:id/out" do
        SignedDevice.let_in.find(params["id"]).shut_out(now)
        # a page that listens asks again, and is told to sign in
        Routes::Runs::LISTENERS.close
        redirect to("/phones"), 303
      end
    end

    # by the passphrase
    def self.signing_in(app)
      app.get("/sign-in") { caller_now ? redirect(to("/"), 303) : door(:sign_in) }

      app.post "/sign-in" do
        refusal = sign_in_refusal
        halt 403, door(:sign_in, error: refusal) if refusal
        let_in("maker")
        redirect to("/"), 303
      end

      app.post "/sign-out" do
        caller_now.device&.shut_out(now)
        session.clear
        redirect to("/sign-in"), 303
      end
    end

    # by a code
    def self.joining(app)
      app.get "/join/:code" do
        role = role_by_code(:role)
        door(:join, code: params["code"], role_words: SignedDevice::ROLES[role])
      end

      app.post "/join/:code" do
        let_in(role_by_code(:use))
        redirect to("/"), 303
      end
    end

    private_class_method :letting_in, :shutting_out, :signing_in, :joining
  end
end
