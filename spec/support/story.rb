# frozen_string_literal: true

# The demo story as it is shipped, taken out once and copied for the examples that follow. Its moments are moved on by
# as long as it has been kept.
module Storytelling
  # in the shop's own folder, which is known once a shop is open
  def self.kept = File.join(HOME, "story.sqlite3")

  def self.originals = File.join(HOME, "story-originals")

  def self.tell
    File.exist?(kept) ? copy : anew
  end

  def self.anew
    Demo::Archive.new(Time.now).load
    FileUtils.rm_rf([kept, originals])
    ActiveRecord::Base.connection.execute("VACUUM INTO '#{kept}'")
    FileUtils.cp_r(Settings.originals, originals)
  end

  def self.tables = Demo::Archive::TABLES

  # counts that the database keeps itself, as rows come and go
  COUNTS = %w[change_counts try_counts].freeze

  # who was let in, and what was done, which no demo tells of
  NOT_TOLD = %w[sent_forms signed_devices history_entries history_rows history_now].freeze

  def self.forgotten(db) = db.tables - tables - COUNTS - NOT_TOLD - %w[schema_migrations ar_internal_metadata]

  # its columns, moments later by so many seconds
  def self.moved_on(db, table, since)
    db.columns(table)
      .map { |column|
        if column.type == :datetime
          "strftime('%Y-%m-%d %H:%M:%f', #{column.name}, '+#{since.round(3)} seconds')"
        else
          column.name
        end
      }
      .join(", ")
  end

  def self.copy
    db = ActiveRecord::Base.connection
    db.execute("ATTACH '#{kept}' AS story")
    ActiveRecord::Base.transaction do
      raise "The story leaves out #{forgotten(db).join(", ")}." if forgotten(db).any?
      since = Time.now - File.mtime(kept)
      tables.each do |table|
        db.execute("INSERT OR REPLACE INTO main.#{table} SELECT #{moved_on(db, table, since)} FROM story.#{table}")
      end
    end
    FileUtils.cp_r("#{originals}/.", FileUtils.mkdir_p(Settings.originals).first)
  ensure
    db.execute("DETACH story")
  end
end
