# frozen_string_literal: true

require_relative "../shop_helper"

# what nobody but the maker may reach, whatever is added to the list of what a helper may
MAKERS = %r{settings|phones|backups|history|cost|record|csv|edit|stock|supplies|attempts|coupons|limits|bundle|
  artwork\z|place|measure|method\z|sheet|seal|compose|cover\b|strap|purpose|printers|drawer|fonts|search}x
ROUTE_NAMES = {":key" => "ink-offset", ":stage" => "place", ":kind" => "svg", ":verb" => "gone"}.freeze
FORM_TOKEN = Base64.urlsafe_encode64("f" * 32, padding: false)
VERB_HEADERS = %w[POST GET PUT DELETE].map { |verb| {"HTTP_X_HTTP_METHOD_OVERRIDE" => verb} }

# Every route × who asks × how its address is spelt, from the app's own table: a new route is held to the same.
RSpec.describe Helpers::Gate, :shop do
  before do
    SignedDevice.delete_all
    allow(Settings).to receive(:host).and_return("0.0.0.0")
    allow(Shelves::OwnAddresses).to receive(:all).and_return(["192.0.2.5"])
    @id = ready_mark.id
    header "Host", "192.0.2.5"
    header "Accept", "text/html"
    env "REMOTE_ADDR", "192.0.2.77"
  end

  def as(role)
    token = SignedDevice.let_in!("phone", role, Time.now).last if role
    env "rack.session", {device: token, csrf: FORM_TOKEN}.compact
    header "X-CSRF-Token", FORM_TOKEN
  end

  # HEAD has the routes of GET, and is tried with each of them
  def routes = %w[GET POST].flat_map { |verb| Web.routes.fetch(verb).map { |pattern, *| [verb, pattern.to_s] } }.uniq

  def filled(pattern, id: @id) = pattern.gsub(/:\w+/) { |name| ROUTE_NAMES.fetch(name, id.to_s) }.delete("()?")

  # @return [Array<String>] an address with each of its letters encoded in turn
  def letters_encoded(path)
    path.chars.each_index.select { |i| path[i].match?(/[\w.-]/) }.flat_map do |i|
      code = path[i].ord.to_s(16)
      ["%#{code}", "%#{code.upcase}", "%25#{code}"].uniq.map { |as| path[0...i] + as + path[(i + 1)..] }
    end
  end

  # @param all [Boolean] whether every spelling; else some, others with each route
  # @return [Array<String>] other ways to write an address
  def spellings(path, all)
    others = [
      path.gsub(/[\w-]/) { |letter| "%#{letter.ord.to_s(16)}" }, path.gsub("/", "//"), path.sub(%r{\A/}, "/%2f"),
      path.sub(%r{\A/}, "/./"), "/runs/..#{path}", "/runs/1/done/../../..#{path}", "/runs/%2e%2e#{path}", path.upcase,
      path.capitalize, "#{path}/", "#{path}%2f", "#{path}.", "#{path};x", "#{path}%00", "#{path}%0a", path.sub("/", "")
    ]
    return letters_encoded(path) + others if all
    [letters_encoded(path), others].flat_map { |some| some.rotate(path.sum % [some.size, 1].max).first(3) }
  end

  # @return [String, nil] the route that ran, whatever it answered
  def ran(verb, path, **env)
    # the address as it is, which a URL would not hold
    custom_request(verb, "/", {}, {"PATH_INFO" => path, **env})
    last_request.env["sinatra.route"]
  end

  # every way to ask for it: its spellings, other verbs, a verb in a header
  def reached(verb, pattern, all)
    path = filled(pattern)
    ways = [path, *spellings(path, all)].map { |way| [verb, way, {}] }
    if all || (path.sum % 4).zero?
      ways += (%w[HEAD OPTIONS PUT PATCH DELETE TRACE] - [verb]).map { |other| [other, path, {}] }
      ways += VERB_HEADERS.map { |header| [verb, path, header] }
    end
    ways.filter_map { |other, way, header| ran(other, way, **header) }.uniq
  end

  [false, true].each do |all|
    how = all ? "with each letter encoded in turn" : "with a letter encoded"

    it "lets a helper's device reach what it may, and nothing else, however it is spelt, #{how}", slow: all do
      as "helper"
      allowed = Helpers::HelperRights::ALLOWED.flat_map { |verb, list| list.map { |path| "#{verb} #{path}" } }
      expect(allowed.grep(MAKERS)).to be_empty
      expect(allowed.reject { |one| one.start_with?("HEAD") } - routes.map { |one| one.join(" ") }).to be_empty
      beyond = routes.reject { |verb, path| allowed.include?("#{verb} #{path}") }
      expect(beyond.size).to be > 180
      expect(beyond.flat_map { |verb, path| reached(verb, path, all) }.uniq - allowed).to be_empty
      # what it may, it reaches
      quick = allowed.reject { |one| one.match?(/HEAD|changes/) }
      expect(quick.reject { |one| one.split.then { |verb, path| ran(verb, filled(path)) == one } }).to be_empty
    end

    it "lets a stranger reach the pages by which one signs in, and nothing else, #{how}", slow: all do
      as nil
      open = %w[/sign-in /join/:code].flat_map { |path| %w[GET HEAD POST].map { |verb| "#{verb} #{path}" } }
      expect(routes.flat_map { |verb, path| reached(verb, path, all) }.uniq - open).to be_empty
      expect(open.reject { |one| one.split.then { |verb, path| ran(verb, filled(path)) == one } }).to be_empty
    end
  end

  it "keeps nothing from a device that is the maker's" do
    as "maker"
    found = routes.reject { |_, path| path == "/changes" }.reject do |verb, path|
      # these two shut devices out
      path.match?(/sign-out|passphrase/) || ran(verb, filled(path, id: 999_999)) == "#{verb} #{path}"
    end
    expect(found).to be_empty
    expect(get("/settings").status).to eq 200
  end

  it "shows a helper no link that it may not follow and no form that it may not send" do
    as "helper"
    run = Actions::RunMarks.start(Mark.last, Time.now)
    %W[/ /jobs /jobs/#{Job.last.id} /marks/#{@id}/apply /runs/#{run.id} /timetable /methods].each do |path|
      get path
      expect(last_response.status).to eq(200), path
      links = last_response.body.scan(/<a\b[^>]*href="(\/[^"?#]*)/).flatten.uniq
      expect(links.reject { |link| ran("HEAD", link) || last_response.status != 403 }).to be_empty
    end
  end
end
