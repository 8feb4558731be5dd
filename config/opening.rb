# frozen_string_literal: true

require "fileutils"
require_relative "../lib/bundle"
require_relative "settings"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__)
require "shelves/shop_restore"

# What can stand in the way of opening a shop, each told as one sentence with what to do, before anything is changed.
module Opening
  # whole files of the database kept from before they were migrated
  COPIES = 3

  module_function

  # one that can be written, and that others on this computer do not read
  def check_folder
    File.umask(0o077)
    FileUtils.mkdir_p(Settings.home, mode: 0o700)
    File.chmod(0o700, Settings.home) if File.owned?(Settings.home)
  end

  # one server at a time
  def check_home
    check_folder
    @lock = File.open(File.join(Settings.home, "serving.lock"), File::RDWR | File::CREAT, 0o600)
    return if @lock.flock(File::LOCK_EX | File::LOCK_NB)
    abort "Another Up Close already serves #{Settings.home}. Use that one, or close it first."
  rescue Errno::ENOSPC
    abort "The disk with #{Settings.home} is full. Make room, then start again."
  rescue SystemCallError => error
    abort "The shop's folder #{Settings.home} cannot be written (#{error.message[/\A[^@]+/].strip.downcase}). Give " \
      "yourself the right to write there, or set UP_CLOSE_HOME to another folder."
  end

  # @return [Boolean] whether there is one
  def database? = File.size?(path).to_i.positive?

  def path = Settings.database[:database]

  def check_database
    return unless database?
    connection = ActiveRecord::Base.connection
    result = connection.select_values("PRAGMA quick_check(1)")
    damaged(result.first) if result != ["ok"]
    newer if (versions(connection) - known).any?
  rescue ActiveRecord::StatementInvalid, ActiveRecord::ConnectionNotEstablished => error
    locked if error.message.match?(/locked|busy/i)
    damaged(error.message.lines.first.strip)
  end

  def versions(connection)
    return [] unless connection.table_exists?("schema_migrations")
    connection.select_values("SELECT version FROM schema_migrations")
  end

  def known = Dir[File.join(Settings::ROOT, "db/migrate/*.rb")].map { |file| File.basename(file)[/\A\d+/] }

  def damaged(why)
    abort "The shop's database #{path} is damaged (#{why}). Nothing was changed. Restore the last backup with " \
      "bin/restore, or copy the file back from your own copy."
  end

  def newer
    abort "This shop was opened by a newer Up Close. Update this one, or set UP_CLOSE_HOME to another shop. Nothing " \
      "was changed."
  end

  def locked = abort("Another program holds the shop's database #{path}. Close it, then start again.")

  # an upload broken off leaves a part of a file; what is older than this belongs to no upload any more
  PART_OLD_S = 3600

  # @return [Integer] how many were swept away
  def sweep(now = Time.now)
    Shelves::ShopRestore.sweep(Settings.home)
    # no server is open yet: what a bundle was unpacked to belongs to nobody
    FileUtils.rm_rf(Dir[File.join(Settings.opened, "brought-*")])
    parts = Dir[File.join(Settings.home, "{originals,opened,fonts,backups}", "**", "*.part")]
    parts.select { |file| now - File.mtime(file) > PART_OLD_S }.each { |file| FileUtils.rm_f(file) }.size
  end

  # a whole copy from before the database is brought up to date
  def copy_before_migrating
    return if !database? || (known - versions(ActiveRecord::Base.connection)).empty?
    folder = File.join(Settings.home, "backups", "before-update")
    FileUtils.mkdir_p(folder, mode: 0o700)
    copy = File.join(folder, "#{Time.now.strftime("%Y-%m-%d-%H%M%S")}.sqlite3")
    ActiveRecord::Base.connection.execute("VACUUM INTO #{ActiveRecord::Base.connection.quote(copy)}")
    File.chmod(0o600, copy)
    FileUtils.rm_f(Dir[File.join(folder, "*.sqlite3")].sort[0...-COPIES])
  end
end
