# frozen_string_literal: true

require "digest"
require "fileutils"
require "json"
require "securerandom"
require "sqlite3"
require "time"
require "tmpdir"
require "zip"
require "shelves/backup_file"

module Shelves
  # The whole of a shop as one ZIP: its database as SQLite's own online backup copies it, the originals, photos and
  # fonts, and a manifest of hashes. It is read back before it is called done.
  class ShopBackup
    DATABASE, MANIFEST = BackupFile::DATABASE, BackupFile::MANIFEST
    # what can be made again or belongs to this computer alone, and the database, which is copied by its own means
    LEFT_OUT = [*BackupFile::LEFT_OUT, DATABASE].freeze
    Broken = BackupFile::Broken
    # so many kept: the newest of each of the last days, weeks and months
    KEPT = {"%Y-%m-%d" => 7, "%G-%V" => 5, "%Y-%m" => 12}.freeze
    NAME = /\Aup-close-(\d{4}-\d{2}-\d{2}-\d{6})\.zip\z/

    # @param home [String] the shop's folder
    def initialize(home)
      @home = home
    end

    def folder = File.join(@home, "backups")

    # @return [Array<String>] paths, the newest first
    def all = Dir[File.join(folder, "*.zip")].select { |path| File.basename(path).match?(NAME) }.sort.reverse

    # @return [Time, nil] when the last one was made
    def last_at = all.first && File.mtime(all.first)

    # @param now [Time]  @param to [String] the folder it goes to
    # @return [String] its path
    # @raise [Broken] when what was written does not read back
    def call(now, to: folder)
      FileUtils.mkdir_p(to, mode: 0o700)
      path = File.join(to, "up-close-#{now.strftime("%Y-%m-%d-%H%M%S")}.zip")
      part = "#{path}.#{SecureRandom.hex(4)}.part"
      Dir.mktmpdir("up-close-backup") do |scratch|
        copy = File.join(scratch, DATABASE)
        copy_database(copy)
        write(part, {DATABASE => copy}.merge(files), now)
      end
      ShopBackup.check!(part)
      File.rename(part, path)
      thin_out if to == folder
      path
    ensure
      FileUtils.rm_f(part) if part
    end

    # @param path [String]  @return [Hash] its manifest
    # @raise [Broken]
    def self.check!(path) = BackupFile.open(path) { |backup| backup.check! && backup.manifest }

    private

    # page by page, beside a server that goes on writing
    def copy_database(to)
      source, target = SQLite3::Database.new(File.join(@home, DATABASE)), SQLite3::Database.new(to)
      source.busy_timeout(10_000)
      backup = SQLite3::Backup.new(target, "main", source, "main")
      sleep 0.05 until backup.step(200) == SQLite3::Constants::ErrorCode::DONE
      backup.finish
      complaints = target.execute("PRAGMA integrity_check").flatten
      raise Broken, "The copy of the database is damaged: #{complaints.first}" if complaints != ["ok"]
    ensure
      [source, target].compact.each(&:close)
    end

    # @return [Hash{String => String}] name in the ZIP → path
    def files
      Dir.glob("**/*", File::FNM_DOTMATCH, base: @home)
        .reject { |name| LEFT_OUT.include?(name.split("/").first) || name.end_with?(".part") }
        .map { |name| [name, File.join(@home, name)] }
        .select { |_, path| File.file?(path) && !File.symlink?(path) }.to_h
    end

    def write(path, files, now)
      listed = {}
      Zip::OutputStream.open(path) do |zip|
        files.each do |name, from|
          zip.put_next_entry(name)
          listed[name] = copied(from, zip)
        end
        zip.put_next_entry(MANIFEST)
        zip.write(JSON.pretty_generate("made" => now.utc.iso8601, "format" => BackupFile::FORMAT, "files" => listed))
      end
      File.chmod(0o600, path)
    end

    def copied(from, zip)
      digest, bytes = Digest::SHA256.new, 0
      File.open(from, "rb") do |io|
        while (part = io.read(1 << 20))
          zip.write(part)
          digest << part
          bytes += part.bytesize
        end
      end
      {"sha256" => digest.hexdigest, "bytes" => bytes}
    end

    def thin_out
      keep = KEPT.flat_map do |format, count|
        all.group_by { |path| Time.strptime(File.basename(path)[NAME, 1], "%Y-%m-%d-%H%M%S").strftime(format) }
          .first(count).map { |_, same| same.first }
      end
      FileUtils.rm_f(all - keep)
    end
  end
end
