# frozen_string_literal: true

require "digest"
require "fileutils"
require "set"
require "sqlite3"
require "zip"
require_relative "shop_backup"
require_relative "originals_named"

module Shelves
  # Looks over a shop's folder: the database, every original by its hash, what is missing and what belongs to nothing,
  # and the counts that the database keeps. Mends what can be mended without losing anything.
  class ShopDoctor
    # @!attribute words [String] what is wrong, one sentence
    # @!attribute advice [String] what to do; or what was done, once it is mended
    # @!attribute mend [Proc, nil] puts it right
    Complaint = Struct.new(:words, :advice, :mend)

    NAME = /\b\h{64}\b/
    # what an upload that is going on has written is left alone
    OLD_S = 3600

    # @param home [String]
    def initialize(home, now: Time.now)
      @home, @now = home, now
    end

    # @return [Array<Complaint>] empty for a shop in order
    def call
      broken = in_database
      return broken if broken.any?
      [*links, *originals, *missing, *orphans, *left_overs, *counts, *rights]
    ensure
      @db&.close
      @db = nil
    end

    private

    def db = @db ||= SQLite3::Database.new(File.join(@home, ShopBackup::DATABASE))

    def in_database
      complaints = db.execute("PRAGMA integrity_check(5)").flatten
      return [] if complaints == ["ok"]
      [damaged(complaints.first)]
    rescue SQLite3::Exception => error
      [damaged(error.message)]
    end

    def damaged(why)
      Complaint.new("The database is damaged (#{why}).", "Restore the last backup: bin/restore #{newest_backup}", nil)
    end

    def newest_backup = ShopBackup.new(@home).all.first || "FILE.zip"

    def links
      db.execute("PRAGMA foreign_key_check").map do |table, row, parent, _|
        Complaint.new("Row #{row} of #{table} belongs to a row of #{parent} that is not there.",
          "Restore a backup beside this shop and compare: nothing is taken away here.", nil)
      end
    end

    def files
      @files ||= Dir[File.join(@home, "originals", "??", "*")].select { |path| name_of(path).match?(/\A\h{64}\z/) }
    end

    def name_of(path) = File.basename(path)

    def originals
      files.reject { |path| Digest::SHA256.file(path).hexdigest == name_of(path) }.map do |path|
        from_backup("The original #{name_of(path)[0, 12]}… was changed on the disk.", path)
      end
    end

    def missing
      (OriginalsNamed.call(db) - files.map { |path| name_of(path) }).map do |name|
        from_backup("The original #{name[0, 12]}… is missing.", File.join(@home, "originals", name[0, 2], name))
      end
    end

    # mended where a backup still has it whole
    def from_backup(words, path)
      zip = ShopBackup.new(@home).all.find { |backup| bytes_in(backup, path) }
      advice = "No backup has it. Copy it back into originals, or choose the file again at its artwork."
      Complaint.new(words, zip ? "it was read from a backup." : advice, zip && -> { write(path, bytes_in(zip, path)) })
    end

    def bytes_in(zip, path)
      Zip::File.open(zip) do |opened|
        bytes = opened.find_entry("originals/#{name_of(path)[0, 2]}/#{name_of(path)}")&.get_input_stream(&:read)
        bytes if bytes && Digest::SHA256.hexdigest(bytes) == name_of(path)
      end
    rescue Zip::Error
      nil
    end

    def write(path, bytes)
      FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
      File.binwrite("#{path}.part", bytes)
      File.rename("#{path}.part", path)
    end

    # whatever looks like a name anywhere in the database is taken for one
    def names_anywhere
      db.execute("SELECT name FROM sqlite_master WHERE type = 'table'").flatten.flat_map { |table|
        db.execute("SELECT * FROM #{table}").flat_map { |row| row.grep(String).flat_map { |text| text.scan(NAME) } }
      }.to_set
    end

    def orphans
      known = names_anywhere
      lost = files.select { |path| !known.include?(name_of(path)) && old?(path) }
      return [] if lost.empty?
      [Complaint.new((lost.size == 1) ? "One original belongs to nothing in the shop." :
        "#{lost.size} originals belong to nothing in the shop.",
        "they are in the folder “set-aside”.", -> { lost.each { |path| set_aside(path) } })]
    end

    def old?(path) = @now - File.mtime(path) > OLD_S

    def set_aside(path)
      folder = FileUtils.mkdir_p(File.join(@home, "set-aside"), mode: 0o700).first
      FileUtils.mv(path, folder)
    end

    def left_overs
      parts = Dir[File.join(@home, "**", "*.part")].select { |path| old?(path) }
      return [] if parts.empty?
      [Complaint.new("Parts of interrupted uploads are left: #{parts.size}.", "they were removed.",
        -> { FileUtils.rm_f(parts) })]
    end

    # what the database counts itself, against the tries
    TRIES = "SELECT method_key, ifnull(printer, ''), ifnull(stock, ''), origin IS NOT NULL, result, " \
      "ifnull(CAST(julianday(date(made_at)) + 0.5 AS INTEGER), 0), count(*) FROM attempts " \
      "WHERE method_key IS NOT NULL GROUP BY 1, 2, 3, 4, 5, 6"
    KEPT = "SELECT method_key, printer, stock, elsewhere, result, day, count FROM try_counts WHERE count <> 0"

    def counts
      return [] if db.execute("#{TRIES} EXCEPT #{KEPT}").empty? && db.execute("#{KEPT} EXCEPT #{TRIES}").empty?
      [Complaint.new("The counts of tries do not match the tries.", "they were counted anew.", -> { recount })]
    end

    def recount
      SQLite3::Database.new(File.join(@home, ShopBackup::DATABASE)) do |db|
        db.transaction do
          db.execute("DELETE FROM try_counts")
          db.execute("INSERT INTO try_counts (method_key, printer, stock, elsewhere, result, day, count) #{TRIES}")
        end
      end
    end

    def rights
      open = [@home, File.join(@home, ShopBackup::DATABASE)].select { |path| File.stat(path).mode.anybits?(0o077) }
      return [] if open.empty?
      [Complaint.new("Others on this computer can read #{open.map { |path| File.basename(path) }.join(" and ")}.",
        "now only you can.", -> { open.each { |path| File.chmod(File.directory?(path) ? 0o700 : 0o600, path) } })]
    end
  end
end
