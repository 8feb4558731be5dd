# frozen_string_literal: true

require "digest"

module Helpers
  # Middleware. Every page has a token that its forms bear. The same form sent a second time from the same page, as by
  # a double press, the back button or a reload, is not carried out again: it is answered as the first was, which it
  # waits for. What differs in any field is another form.
  class Once
    FIELD = "once"
    TOKEN = /\A\h{24}\z/
    # fields that a page changes by itself
    NOT_SAID = [FIELD, "authenticity_token", "ago"].freeze
    ANSWERS = Shelves::LruCache.new(most: 2000)
    LOCKS = Shelves::KeyedLocks.new

    # @return [String] a new page's token
    def self.token = SecureRandom.hex(12)

    def initialize(app)
      @app = app
    end

    def call(env)
      form, said = form_of(env)
      return @app.call(env) unless form
      LOCKS.with(form) { answered(form, said, env) || carried_out(form, said, env) }
    end

    private

    # @return [Array(String, String), nil] digests of which page's form it is, and of what it says; nil for what a
    #   script asks, which is no press
    def form_of(env)
      return unless env["REQUEST_METHOD"] == "POST" && !env["HTTP_ACCEPT"].to_s.include?("application/json")
      return if env["CONTENT_LENGTH"].to_i > Web::MOST_REQUEST_BYTES
      sent = Rack::Request.new(env).POST
      return unless TOKEN.match?(sent[FIELD].to_s.b)
      form = digest([env["PATH_INFO"], sent[FIELD]])
      [form, digest([form, told(sent.except(*NOT_SAID))])]
    rescue *Beside::BROKEN_OFF
      nil
    end

    def digest(value) = Digest::SHA256.hexdigest(value.inspect)

    # fields by their names, files by their contents
    def told(sent)
      case sent
      when Hash
        file = sent[:tempfile]
        return [sent[:filename], Digest::SHA256.file(file.path).hexdigest] if file
        sent.sort_by { |name, _| name.to_s }.map { |name, value| [name, told(value)] }
      when Array then sent.map { |value| told(value) }
      else sent
      end
    end

    def answered(form, said, env)
      last, location = ANSWERS.at_hand(form)
      location = nil unless last == said
      # made before the server was started anew: the page it came from tells how it stands now
      location ||= back(env) if last.nil? && SentForm.exists?(said)
      [303, {"location" => location, "cache-control" => "no-store"}, []] if location
    end

    def back(env)
      URI(env["HTTP_REFERER"].to_s).path.then { |path| path.to_s.start_with?("/") ? path : "/" }
    rescue URI::InvalidURIError
      "/"
    end

    def carried_out(form, said, env)
      answer = SentForm.carrying(said) { @app.call(env) }
      (answer[0] == 303) ? ANSWERS.keep(form, [said, answer[1]["location"]]) : SentForm.forget(said)
      answer
    end
  end
end
