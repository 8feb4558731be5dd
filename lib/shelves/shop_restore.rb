# frozen_string_literal: true

require "shelves/shop_backup"

module Shelves
  # A backup read into an empty folder, or into a new one beside what is there; never over it.
  class ShopRestore
    # of all files together
    MOST_BYTES = 50 * 1024**3
    # parts of a path that lead elsewhere
    OUTSIDE = ["..", ".", ""].freeze

    # @param zip [String] path of a backup  @param home [String] where the shop belongs
    def initialize(zip, home)
      @zip, @home = zip, home
    end

    # @param now [Time]
    # @return [String] the folder it was read into
    # @raise [ShopBackup::Broken]
    def call(now)
      manifest = ShopBackup.check!(@zip)
      safe!(manifest["files"])
      target = empty? ? @home : "#{@home}-restored-#{now.strftime("%Y-%m-%d-%H%M%S")}"
      FileUtils.mkdir_p(target, mode: 0o700)
      Zip::File.open(@zip) { |zip| manifest["files"].each_key { |name| take_out(zip, name, target) } }
      target
    end

    private

    def empty? = !File.exist?(@home) || Dir.empty?(@home)

    # names that stay inside the folder, and no more than a shop can hold
    def safe!(files)
      odd = files.keys.find do |name|
        name.start_with?("/", "~") || name.include?("\\") || name.split("/").any? { |part| OUTSIDE.include?(part) }
      end
      raise ShopBackup::Broken, "“#{odd}” points outside the shop's folder. This backup is not used." if odd
      return if files.sum { |_, about| about["bytes"] } <= MOST_BYTES
      raise ShopBackup::Broken, "This backup is larger than a shop can be."
    end

    def take_out(zip, name, target)
      path = File.join(target, name)
      FileUtils.mkdir_p(File.dirname(path), mode: 0o700)
      File.open(path, File::WRONLY | File::CREAT | File::EXCL | File::BINARY, 0o600) do |file|
        zip.find_entry(name).get_input_stream { |io| IO.copy_stream(io, file) }
        file.fsync
      end
    end
  end
end
