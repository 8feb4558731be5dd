# frozen_string_literal: true

# Opens the shop in UP_CLOSE_HOME as the server does, looks at its pages, and tells what it found as JSON.
require_relative "../../config/opening"
require_relative "../../config/boot"
require "json"
require "rack/mock"
require "shelves/shop_doctor"

# what a page cannot tell at once it says that it is looking at
Web.set :patience_s, 0.1
before = Opening.versions(ActiveRecord::Base.connection).size
Opening.check_database
Opening.copy_before_migrating
Database.migrate
again = Actions::OpenAgain.all
ask = ->(path) { Rack::MockRequest.new(Web).get(path, "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "127.0.0.1").status }
names = %w[measure artwork method place sheet apply seal record]
# of each mark two stages in turn, all of them where everything is tried
each = ENV["UP_CLOSE_ALL"] ? names.size : 2
stages = Mark.live.each_with_index.flat_map do |mark, i|
  names.rotate(i * each).first(each).map { |stage| "/marks/#{mark.id}/#{stage}" }
end
paths = ["/", "/jobs", "/timetable", "/drawer", "/record", "/printers", "/settings", "/history",
  *Job.pluck(:id).map { |id| "/jobs/#{id}" }, *Run.pluck(:id).map { |id| "/runs/#{id}" }, *stages]
puts JSON.generate(
  before: before, again: again,
  wrong: paths.to_h { |path| [path, ask[path]] }.reject { |_, status| [200, 303].include?(status) },
  copies: Dir[File.join(Settings.home, "backups/before-update/*.sqlite3")].size,
  shop: [Job, Piece, Mark, Artwork, Attempt].to_h { |model| [model.name, model.count] },
  complaints: Shelves::ShopDoctor.new(Settings.home).call.map(&:words)
)
