# frozen_string_literal: true

# Brings a shop's database up to date, and fills an empty one with the demo story.
module Database
  module_function

  def migrate
    ActiveRecord::Migration.verbose = false
    ActiveRecord::MigrationContext.new(File.join(Settings::ROOT, "db/migrate")).migrate
  end

  # @return [Boolean] whether it was loaded: a shop with jobs is left alone
  def load_demo
    return false if Job.exists?
    require_relative "../db/demo/story"
    Demo::Story.load
    true
  end
end
