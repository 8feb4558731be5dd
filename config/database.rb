# frozen_string_literal: true

# Brings a shop's database up to date, and fills an empty one with the demo story.
module Database
  module_function

  def migrate
    ActiveRecord::Migration.verbose = false
    triggers = Shelves::HistoryTriggers.new(ActiveRecord::Base.connection)
    context = ActiveRecord::MigrationContext.new(File.join(Settings::ROOT, "db/migrate"))
    triggers.drop if context.needs_migration?
    context.migrate
    triggers.renew
    know_when_ready
    know_free_room
  end

  # runs of a shop that kept no moment yet: worked out once, from their steps
  def know_when_ready
    Run.where(ready_at: nil).where.not(ended_at: nil).preload(:step_ends, leader: :step_ends).find_each do |run|
      run.update_columns(ready_at: run.keep_ready_at)
    end
  end

  # sheets of a shop that did not keep what is left of them
  def know_free_room = StockSheet.here.where(free: nil).find_each(&:save!)

  # @yield [Float] how far it is, 0..1
  # @return [Boolean] whether it was loaded: a shop with jobs is left alone
  def load_demo(&told)
    return false if Job.exists?
    require_relative "../db/demo/archive"
    Demo::Archive.new(Time.now).load(&told)
    true
  end
end
