# frozen_string_literal: true

require_relative "config/boot"
require "sinatra/activerecord/rake"

ActiveRecord.dump_schema_after_migration = false
ActiveRecord::Tasks::DatabaseTasks.tap do |tasks|
  tasks.env = "shop"
  tasks.root = Settings::ROOT
  tasks.db_dir = File.join(Settings::ROOT, "db")
  tasks.migrations_paths = [File.join(Settings::ROOT, "db/migrate")]
  tasks.database_configuration = ActiveRecord::Base.configurations
end

namespace :db do
  task(:load_config) {}

  desc "Write down the form of a job's bundle, after columns changed"
  task bundle_schema: :migrate do
    File.write(BundleSchema::FILE, JSON.pretty_generate(BundleSchema.call) + "\n")
  end

  desc "Load the demo story, unless there are jobs already"
  task demo: :migrate do
    Database.load_demo
  end
end
