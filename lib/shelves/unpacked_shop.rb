# frozen_string_literal: true

require "fileutils"
require "sqlite3"
require "shelves/backup_file"
require "shelves/originals_named"

module Shelves
  # A folder that a backup was unpacked into, before it becomes a shop: whether it is one that this Up Close can open.
  class UnpackedShop
    # tables that every shop has had from the first on
    TABLES = %w[jobs pieces marks artworks runs attempts preferences schema_migrations].freeze
    # what a shop's database does by itself when rows change: counts, and writes down its history
    OWN_TRIGGERS = /\A(history_\w+|\w+_counted)\z/
    TOLD = 3

    # @param folder [String]  @param known [Array<String>] versions of the database that this Up Close knows
    def initialize(folder, known:)
      @folder, @known = folder, known
    end

    # @raise [BackupFile::Broken] where it is no shop at all, or one that cannot be opened
    def check!
      opened do |db|
        complaints = db.execute("PRAGMA integrity_check(1)").flatten
        broken("Its database is damaged (#{complaints.first}). Choose an earlier backup.") if complaints != ["ok"]
        check_schema(db)
      end
    rescue SQLite3::Exception
      broken("Its database cannot be read. Choose an earlier backup.")
    end

    # what is missing or belongs to nothing, where it can be opened all the same
    # @return [Array<String>] sentences, none for a whole shop
    def faults = opened { |db| [*lost_rows(db), *lost_originals(db)] }

    private

    def broken(words) = raise(BackupFile::Broken, words)

    # closed with nothing of its own left beside the file
    def opened
      path = File.join(@folder, BackupFile::DATABASE)
      db = SQLite3::Database.new(path)
      yield db
    ensure
      db&.close
      FileUtils.rm_f(%w[-wal -shm].map { |ending| path + ending })
    end

    def check_schema(db)
      names = ->(type) { db.execute("SELECT name FROM sqlite_master WHERE type = ?", [type]).flatten }
      lacking = TABLES - names.call("table")
      broken("It is no shop of Up Close: it has no #{lacking.first.tr("_", " ")}.") if lacking.any?
      strange = names.call("view") + names.call("trigger").grep_v(OWN_TRIGGERS)
      broken("Its database holds “#{strange.first}”, which is none of Up Close's. It is not used.") if strange.any?
      unknown = db.execute("SELECT version FROM schema_migrations").flatten.map(&:to_s) - @known
      return if unknown.empty?
      newer = unknown.any? { |version| version > @known.max }
      broken(newer ? "This backup was made by a newer Up Close. Update this one first." :
        "It was made by another program than Up Close. It is not used.")
    end

    def lost_rows(db)
      lost = db.execute("PRAGMA foreign_key_check").map { |table, row, parent, _| "row #{row} of #{table} (#{parent})" }
      return [] if lost.empty?
      ["#{lost.size} of its rows belong to rows that are not there: #{lost.first(TOLD).join(", ")}."]
    end

    def lost_originals(db)
      lost = OriginalsNamed.call(db).reject { |name| File.file?(File.join(@folder, "originals", name[0, 2], name)) }
      return [] if lost.empty?
      ["#{lost.size} of its originals are missing: #{lost.first(TOLD).map { |name| "#{name[0, 12]}…" }.join(", ")}."]
    end
  end
end
