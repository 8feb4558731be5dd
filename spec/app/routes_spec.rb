# frozen_string_literal: true

require_relative "../shop_helper"

NAMED_IN_ROUTES = {":key" => "ink-offset", ":stage" => "place", ":piece" => "1", ":kind" => "svg"}.freeze
ODD_FIELDS = ["\xE9\xFF", ["1", "2"], "9" * 3000, "", "0\u0000", "1e400", "{\"a\":[1]}"].freeze

# Every route of the app's own table, so that a new one is held to the same.
RSpec.describe "every route", :shop do
  before { Storytelling.tell }

  let(:ids) do
    {
      "marks" => Mark.find_by!(method_key: "ink-offset"), "jobs" => Job.first, "pieces" => Piece.first,
      "runs" => Run.first,
      "artworks" => Artwork.first, "attempts" => Attempt.first, "boards" => Board.first, "coupons" => Coupon.first,
      "printers" => Printer.first, "drawer" => StockSheet.first, "print" => Mark.first
    }.transform_values(&:id)
  end

  # @return [Array<String>] paths, each :name filled in
  def paths(verb)
    Web.routes.fetch(verb).map { |pattern, *| filled(pattern.to_s) }.uniq
  end

  def filled(pattern)
    id = ids.fetch(pattern[%r{\A/(\w+)}, 1], 1).to_s
    pattern.gsub(/:\w+/) { |name| (name == ":id") ? id : NAMED_IN_ROUTES.fetch(name, "1") }.delete("()?")
  end

  def counts
    ActiveRecord::Base.connection.tables.to_h do |table|
      [table, ActiveRecord::Base.connection.select_value("SELECT count(*) FROM \"#{table}\"")]
    end
  end

  def headers_of(response)
    response.headers.slice("content-security-policy", "x-content-type-options", "referrer-policy").size
  end

  it "that changes something asks for the form's token, says so plainly, and changes nothing without" do
    before = counts
    wrong = paths("POST").reject do |path|
      post path, "title" => "x"
      last_response.status == 403 && headers_of(last_response) == 3
    end
    expect(wrong).to be_empty
    expect(counts).to eq before
  end

  it "is for whoever signed in, but for the pages by which one does" do
    header "Accept", "text/html"
    env "REMOTE_ADDR", "192.0.2.9"
    header "Host", "192.0.2.5"
    allow(Settings).to receive(:host).and_return("0.0.0.0")
    allow(Shelves::OwnAddresses).to receive(:all).and_return(["192.0.2.5"])
    open = paths("GET").reject { |path| get(path) && last_response.headers["location"].to_s == "/sign-in" }
    expect(open).to match_array %w[/sign-in /join/1]
    open = paths("POST").reject { |path| post(path) && last_response.status == 401 }
    expect(open).to match_array %w[/sign-in /join/1]
  end

  # @yield [Integer] a field's place among all  @yieldreturn [Object] what is sent in it
  def fields
    views = Dir[File.join(__dir__, "../../app/views/**/*.erb")].map { |file| File.read(file) }
    names = views.flat_map { |view| view.scan(/name="([a-z_]+)"/) }.flatten.uniq - ["authenticity_token"]
    names.each_with_index.to_h { |name, i| [name, yield(i)] }
  end

  def mistakes(sent)
    paths("POST").filter_map do |path|
      status = send_form(path, sent).status
      "#{path}: #{status}" if status >= 500
    end
  end

  it "answers anything that is sent in a field without a mistake of ours" do
    failed = mistakes(fields { |i| ODD_FIELDS[i % ODD_FIELDS.size] })
    expect(failed).to be_empty, failed.join("\n")
  end

  ODD_FIELDS.each_with_index do |odd, i|
    it "answers anything that is sent in all fields without a mistake of ours, no #{i}", slow: true do
      failed = mistakes(fields { odd })
      expect(failed).to be_empty, failed.join("\n")
    end
  end

  it "answers what is asked of it, with its headers, whatever stands in its address" do
    odd = ["?page=-1&q=%FF&show[]=1&dpi=1e9&piece=999999999999999999999&sheet=0&ask=x"]
    failed = paths("GET").reject { |path| path == "/changes" }.flat_map { |path|
      ways = odd.map { |query| path + query } + [path.gsub(/\d+/, "0"), path.gsub(/\d+/, "99999999999999999999")]
      ways.filter_map do |way|
        get way
        "#{way}: #{last_response.status}" if last_response.status >= 500 || headers_of(last_response) < 3
      end
    }
    expect(failed).to be_empty, failed.join("\n")
  end

  it "is written to the log by its name and its time, never with what was typed, in files of a bounded size" do
    Dir.mktmpdir do |folder|
      stub_const("Web::LOG", Shelves::ShopLog.new(folder, root: Settings::ROOT))
      send_form "/jobs", "title" => "a secret wedding"
      get "/search?q=wedding"
      allow(Job).to receive(:find).and_raise(NoMethodError, "undefined method for a secret wedding")
      get "/jobs/#{ids["jobs"]}"
      written = File.read(File.join(folder, "up_close.log"))
      expect(written).to match(%r{303 \d+ ms POST /jobs$}).and match(%r{200 \d+ ms GET /search$})
        .and match(/NoMethodError\n(  .*\n)*  app\/routes/)
      expect(written).not_to match(/wedding|#{Regexp.escape(Settings::ROOT)}/o)
      log = Shelves::ShopLog.new(folder, root: "/")
      stub_const("Shelves::ShopLog::BYTES", 1)
      60_000.times { log.answered("GET /jobs/:id/a-route-of-some-length-to-fill-the-files-sooner" * 2, 200, 0.1) }
      expect(Dir[File.join(folder, "*")].sum { |file| File.size(file) }).to be < 6 * 1_050_000
    end
  end
end
