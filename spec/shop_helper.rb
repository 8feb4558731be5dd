# frozen_string_literal: true

# The whole shop, in a folder of its own that is emptied before each example.
require "tmpdir"
HOME = Dir.mktmpdir("up-close")
ENV["UP_CLOSE_HOME"] = HOME
ENV["APP_ENV"] = "test"
require_relative "../config/boot"
require "rack/test"
require_relative "../db/demo/story"
require_relative "../db/demo/archive"

Database.migrate
# pages wait for what they open, unless an example is about that
Web.set :patience_s, 60
Workers.pool.warm

module Shop
  include Rack::Test::Methods

  # a piece as its form is sent
  PLATE = {
    "name" => "plate",
    "shape" => "rectangle",
    "width_mm" => "60",
    "height_mm" => "40",
    "material" => "wood",
    "finish" => "sanded",
    "colour" => "#ecd9b0",
    "count" => "1"
  }.freeze

  def app = Web

  # one page after another, as a browser would: with the form's own token
  def send_form(path, fields = {})
    get "/jobs/new" unless @token
    @token ||= last_response.body[/name="authenticity_token" value="([^"]+)"/, 1]
    post path, fields.merge("authenticity_token" => @token)
    last_response
  end

  def page_words = last_response.body.gsub(/<[^>]+>/, " ").gsub("&quot;", '"').gsub(/\s+/, " ")

  # what a page says at a field
  def error_at(field) = last_response.body[/id="error-#{field}"><span[^>]*>■<\/span> ([^<]+)/, 1].to_s

  def upload(bytes, name, type = "application/octet-stream")
    Rack::Test::UploadedFile.new(StringIO.new(bytes), type, true, original_filename: name)
  end

  # a mark on a 60 × 40 wooden plate with a 40 × 20 black box on it
  def mark_with_artwork(**piece)
    send_form "/jobs", "title" => "Fair"
    send_form "/jobs/#{Job.last.id}/pieces",
      PLATE.merge("count" => "2", **piece.transform_keys(&:to_s))
    send_form "/marks/#{Mark.last.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="40" height="20"/>'), "badge.svg")
    Mark.last
  end

  def ready_mark(method_key: "ink-offset", printer: "inkjet", **piece)
    mark = mark_with_artwork(**piece)
    send_form "/marks/#{mark.id}/method", "method_key" => method_key, "printer" => printer
    send_form "/marks/#{mark.id}/place", "width" => "30"
    mark.reload
  end
end

RSpec.configure do |config|
  config.include Shop, :shop
  config.before(:each, :shop) do |example|
    [
      StepEnd, SchoolChange, Coupon, Attempt, Run, LayoutMark, Layout, StockFact, SupplyPrice, OwnSchool, StockSheet,
      Calibration, Printer, HistoryRow, HistoryEntry, Mark, Piece, Artwork, Board, Job, Preference
    ].each(&:delete_all)
    [
      Actions::LaidPlan, Actions::PlanWork::CHAINS, ShopPrices::KNOWN, ShopLimits::KNOWN, Actions::Remedies::KEPT
    ].each(&:forget)
    # at the real pages what was once looked at need not be looked at again
    Shelves::KeptAnswers.forget unless example.metadata[:page]
    FileUtils.rm_rf([Settings.originals, Settings.devices, File.join(Settings.home, "backups")])
    header "Host", "localhost"
  end
  config.after(:suite) { FileUtils.rm_rf(HOME) }
end
