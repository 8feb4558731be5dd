# frozen_string_literal: true

# Loads everything once: settings, the core, the shelves, the app, the database.
require_relative "../lib/bundle"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require_relative "settings"
# workers find the maker's own fonts by it
ENV["UP_CLOSE_FONTS"] = Settings.fonts
require "logger"
require "up_close"
require "active_record"
require "erubi"
require "sinatra/base"
require "shelves/font_shelf"
require "shelves/print_files"
require "shelves/drawn_artwork"
require "shelves/print_job"
require "shelves/drawn_board"
require "shelves/worked_template"
require "shelves/register_files"
require "shelves/bound_artwork"
require "shelves/seen_on_piece"
require "shelves/word_in_photo"
require "shelves/stop_cuts"
require "shelves/outside_picture"
require "shelves/coupon_photo"
require "shelves/outcome_photo"
require "shelves/font_file"
require "shelves/sheet_search"
require "workers"
require "shelves/original_store"
require "shelves/kept_answers"
require "shelves/keyed_locks"
require "shelves/background_tasks"
require "shelves/local_zone"
require "shelves/device_tray"
require "shelves/listeners"
require "shelves/shop_backup"
require "shelves/shop_restore"
require "shelves/passphrase"
require "shelves/slowed_tries"
require "shelves/join_codes"
require "shelves/own_addresses"
require "shelves/history_triggers"
require "shelves/bundle_file"
require "shelves/shop_log"

APP_LOADER = Zeitwerk::Loader.new
APP_LOADER.tag = "app"
app = File.expand_path("../app", __dir__)
APP_LOADER.push_dir("#{app}/models")
%w[forms actions presenters routes helpers].each do |folder|
  namespace = Object.const_set(folder.capitalize, Module.new)
  APP_LOADER.push_dir("#{app}/#{folder}", namespace: namespace)
end
APP_LOADER.push_dir(File.expand_path("../devices", __dir__), namespace: Object.const_set(:Devices, Module.new))
APP_LOADER.setup

begin
  UpClose.check_definitions!
rescue UpClose::Errors::BadDefinition => error
  abort error.sentence
end

ActiveRecord.default_timezone = :utc
ActiveRecord::Base.logger = nil
ActiveRecord::Base.configurations = {"shop" => Settings.database}
ActiveRecord::Base.establish_connection(:shop)
# whoever waits for a worker holds no connection meanwhile, unless it is in the middle of a change
Workers.letting_go = lambda do
  pool = ActiveRecord::Base.connection_pool
  pool.release_connection unless pool.active_connection?&.transaction_open?
end
# flanks are kept alike wherever one of them is saved
Mark.flank_saved = ->(mark) { Actions::PairFlanks.after(mark) }
require_relative "../app/web"
require_relative "database"
