# frozen_string_literal: true

require "rack/protection"

# Settings and error mapping, nothing else.
class Web < Sinatra::Base
  CSP = "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self'; " \
    "connect-src 'self'; manifest-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"
  # above this nothing is read at all; below it the form answers at its field
  MOST_REQUEST_BYTES = 100 * 1024 * 1024

  LOG = Shelves::ShopLog.new((Settings.log unless ENV["APP_ENV"] == "test"), root: Settings::ROOT)

  set :root, File.expand_path("..", __dir__)
  set :views, File.expand_path("views", __dir__)
  set :public_folder, File.expand_path("../public", __dir__)
  set :erb, escape_html: true, trim: "-"
  set :environment, ENV.fetch("APP_ENV", "production").to_sym
  mime_type :webmanifest, "application/manifest+json"
  set :show_exceptions, false
  set :raise_errors, false
  set :dump_errors, true
  set :logging, false
  # a device that signed in stays so for as long as it comes by
  set :sessions, key: "up_close", same_site: :strict, httponly: true, secure: Settings.tls?, expire_after: 90 * 86_400
  set :session_secret, Settings.session_secret
  set :protection, use: [:authenticity_token], except: [:remote_token], reaction: :report
  set :host_authorization, permitted_hosts: Settings.permitted_hosts, message: Helpers::Gate.wrong_name,
    allow_if: ->(env) { Helpers::Gate.own_name?(env) }
  set :clock, -> { Time.now }
  # long work that ends sooner than this is there with the next page
  set :patience_s, 2.0
  set :static_cache_control, [:public, max_age: 0, must_revalidate: true]

  use Rack::Static, urls: %w[/js /fonts/ui], root: File.expand_path("assets", __dir__),
    header_rules: [[:all, {"cache-control" => "public, max-age=0, must-revalidate"}]]

  HELPER_RIGHTS = Helpers::HelperRights.new(-> { routes })
  use Helpers::Gate, rights: HELPER_RIGHTS
  use Helpers::Beside, patience_s: -> { Web.settings.patience_s }, most_bytes: MOST_REQUEST_BYTES

  use Helpers::Once

  helpers Helpers::Page, Helpers::Words, Helpers::Plain, Helpers::LookedFirst, Helpers::TriedRemedies

  before do
    @asked_at = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    headers "content-security-policy" => CSP,
      "referrer-policy" => "same-origin", "x-content-type-options" => "nosniff", "cache-control" => "no-store"
    halt 403, not_taken if env["protection.failed"]
    halt 413, too_large if request.content_length.to_i > MOST_REQUEST_BYTES
    unless Rack::Utils.unescape_path(request.path_info).dup.force_encoding(Encoding::UTF_8).valid_encoding?
      halt 404, nothing_here
    end
    Helpers::TextIn.clean(params)
    Helpers::TextIn.one_each(params)
  end

  # A page asks the same of the database again and again: one that only looks is told
  # from memory, but never from an earlier request's, which the thread would keep.
  before do
    ActiveRecord::Base.connection.clear_query_cache
    ActiveRecord::Base.connection.enable_query_cache! if request.get?
    Held.open
  end

  after do
    route = env["sinatra.route"] || "#{request.request_method} elsewhere"
    LOG.answered(route, response.status, Process.clock_gettime(Process::CLOCK_MONOTONIC) - @asked_at)
    Held.close
    ActiveRecord::Base.connection.disable_query_cache!
    ActiveRecord::Base.connection.clear_query_cache
    ActiveRecord::Base.connection_handler.clear_active_connections!
  end

  # after what goes before every request: a route's own filters come after these
  Routes.constants.sort.each { |name| register Routes.const_get(name) }

  not_found { nothing_here }
  error(ActiveRecord::RecordNotFound) { [404, nothing_here] }
  error(UpClose::Error) { |e| [422, page(:plain, title: "That cannot be done", says: e.message, way_out: e.remedy)] }
  error do |e|
    fault = Helpers::Faults.of(e)
    told = LOG.failed(e)
    warn fault ? "#{fault.title}: #{e.class}" : told
    fault ? faulty(fault) : our_mistake
  end
end
