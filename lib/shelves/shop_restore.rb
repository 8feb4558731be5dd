# frozen_string_literal: true

require "fileutils"
require "securerandom"
require "shelves/backup_file"
require "shelves/unpacked_shop"

module Shelves
  # A backup read into an empty folder, or into a new one beside what is there; never over it. It is unpacked beside,
  # checked, and takes its name whole: whenever it is broken off, the shop's folder is empty or complete.
  class ShopRestore
    # names of folders that are still being unpacked, and the file in each that its restore holds locked meanwhile
    UNFINISHED, LOCK = ".restoring-", ".restoring"
    # kept free on the disk
    SPARE_BYTES = 64 * 1024**2

    # Takes away what restores that were broken off have left beside the shop.
    # @param home [String]
    # @return [Integer] how many folders
    def self.sweep(home)
      Dir["#{home}*#{UNFINISHED}*"].select { |folder| File.directory?(folder) && !held?(folder) }
        .each { |folder| FileUtils.rm_rf(folder) }.size
    end

    def self.held?(folder)
      File.open(File.join(folder, LOCK), File::RDWR) { |lock| !lock.flock(File::LOCK_EX | File::LOCK_NB) }
    rescue Errno::ENOENT
      false
    end
    private_class_method :held?

    # @param zip [String] path of a backup  @param home [String] where the shop belongs
    # @param known [Array<String>] versions of the database that this Up Close knows
    # @param faulty [Boolean] whether a shop with rows or originals missing is taken too
    def initialize(zip, home, known:, faulty: false)
      @zip, @home, @known, @faulty = zip, File.expand_path(home), known, faulty
    end

    # @param now [Time]
    # @return [String] the folder it was read into
    # @raise [BackupFile::Broken]
    def call(now)
      ShopRestore.sweep(@home)
      target = empty? ? @home : "#{@home}-restored-#{now.strftime("%Y-%m-%d-%H%M%S")}"
      BackupFile.open(@zip) do |backup|
        room!(backup)
        beside(target) do |folder|
          backup.parts.each { |part| take_out(backup, part, folder) }
          check!(folder)
        end
      end
      target
    end

    private

    def empty? = !File.exist?(@home) || Dir.empty?(@home)

    def room!(backup)
      needed = backup.parts.sum(&:bytes) + SPARE_BYTES
      parent = File.dirname(@home)
      FileUtils.mkdir_p(parent, mode: 0o700)
      free = free_bytes(parent)
      return if free.nil? || free >= needed
      raise BackupFile::Broken, "It needs #{needed / 1_000_000} MB, and the disk has #{free / 1_000_000} MB free. " \
        "Make room first."
    end

    # @return [Integer, nil] nil where it cannot be told: then the disk says so itself
    def free_bytes(folder)
      kilobytes = IO.popen(["df", "-Pk", folder], err: File::NULL, &:read).lines.last.to_s.split[3]
      kilobytes&.match?(/\A\d+\z/) ? kilobytes.to_i * 1024 : nil
    rescue Errno::ENOENT
      nil
    end

    # a folder beside that takes the target's name once the block is through, and is gone when it is not
    def beside(target)
      folder = "#{target}#{UNFINISHED}#{SecureRandom.hex(4)}"
      Dir.mkdir(folder, 0o700)
      lock = File.open(File.join(folder, LOCK), File::RDWR | File::CREAT, 0o600)
      lock.flock(File::LOCK_EX)
      yield folder
      Dir[File.join(folder, "**/")].each { |inner| sync(inner) }
      File.rename(folder, target)
      sync(File.dirname(target))
      # held until the folder has its name, so that a start meanwhile does not sweep it away
      File.delete(File.join(target, LOCK))
    rescue Errno::EBUSY, Errno::EXDEV, Errno::ENOTEMPTY
      raise BackupFile::Broken, "#{target} cannot be put in place. Set UP_CLOSE_HOME to a folder that is not there yet."
    ensure
      lock&.close
      FileUtils.rm_rf(folder) if File.exist?(folder)
    end

    def sync(folder) = File.open(folder, &:fsync)

    def take_out(backup, part, folder)
      path = File.join(folder, part.name)
      FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
      File.open(path, File::WRONLY | File::CREAT | File::EXCL | File::BINARY, 0o600) do |file|
        backup.read(part) { |bytes| file.write(bytes) }
        file.fsync
      end
    end

    def check!(folder)
      shop = UnpackedShop.new(folder, known: @known)
      shop.check!
      faults = shop.faults
      return if faults.empty? || @faulty
      raise BackupFile::Broken, "#{faults.join(" ")} Choose an earlier backup, or take what is there: bin/restore " \
        "--faulty #{@zip}"
    end
  end
end
