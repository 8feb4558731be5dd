# frozen_string_literal: true

require "digest"
require "json"
require "zip"

module Shelves
  # A backup as it is read: taken for hostile until its directory, its list and every byte agree. What its directory
  # says is looked at before anything is inflated, and no file is inflated further than was said of it.
  class BackupFile
    # A backup that does not hold what it should. Its message is a sentence.
    class Broken < StandardError; end

    DATABASE, MANIFEST = "up_close.sqlite3", "manifest.json"
    FORMAT = 1
    # made anew by each shop, or this computer's alone: no backup holds them, and none may plant them
    LEFT_OUT = %w[opened log backups session.secret passphrase.digest up_close.sqlite3-wal up_close.sqlite3-shm
      serving.lock .restoring .done].freeze
    MOST_FILES, MOST_MANIFEST_BYTES, MOST_BYTES = 500_000, 100_000_000, 50 * 1024**3
    # a shop's files are pictures for the most part: what grows more than so many times holds nothing
    MOST_GROWTH = 100
    GROWTH_FREE_BYTES = 64 * 1024**2
    # parts of a path that lead elsewhere
    OUTSIDE = ["..", ".", ""].freeze
    SHA256 = /\A\h{64}\z/
    AT_ONCE = 1 << 20

    # One file of it. Frozen.
    Part = Struct.new(:name, :bytes, :sha256)

    # what a damaged ZIP raises while it is read
    DAMAGED = [
      Zip::Error, Zlib::Error, JSON::ParserError, EncodingError, EOFError, Errno::EINVAL, ArgumentError, RangeError,
      NoMethodError, TypeError
    ].freeze

    # @param path [String]
    # @return [Object] what the block makes of it
    # @raise [Broken]
    def self.open(path)
      raise Broken, "There is no file #{path}." unless File.file?(path)
      Zip::File.open(path) { |zip| yield new(zip, File.size(path)) }
    rescue *DAMAGED
      raise Broken, "This is not a whole backup of Up Close. Copy it again from where it was made."
    end

    # @param zip [Zip::File]  @param size [Integer] bytes of the file itself
    def initialize(zip, size)
      @zip, @size = zip, size
      check_directory
      @manifest = read_manifest
      check_list
    end

    # @return [Hash] "made", "format" and "files"
    attr_reader :manifest

    # @return [Array<Part>]
    def parts = @parts ||= manifest["files"].map { |name, about| Part.new(name, about["bytes"], about["sha256"]) }

    # Reads a part to its end, no further than its size.
    # @param part [Part]  @yield [String] its bytes, one after another
    # @raise [Broken] when they are not what the list says
    def read(part)
      digest, bytes = Digest::SHA256.new, 0
      entry(part.name).get_input_stream do |io|
        while (some = io.read(AT_ONCE))
          bytes += some.bytesize
          broken("#{part.name} is longer than its list says.") if bytes > part.bytes
          digest << some
          yield some if block_given?
        end
      end
      same = bytes == part.bytes && digest.hexdigest == part.sha256
      broken("#{part.name} was changed after the backup was made.") unless same
    end

    # every file, by its hash
    def check! = parts.each { |part| read(part) }

    private

    def broken(words) = raise(Broken, words)

    def entry(name) = @zip.find_entry(name) || broken("#{name} is missing from this backup.")

    # what the directory says, before anything is inflated
    def check_directory
      entries = @zip.entries
      broken("This backup has more files than a shop can have.") if entries.size > MOST_FILES
      broken("This backup names a file twice.") if entries.map(&:name).uniq.size < entries.size
      entries.each { |file| known_kind!(file) }
      total = entries.sum(&:size)
      broken("This backup is larger than a shop can be.") if total > MOST_BYTES
      return if total <= GROWTH_FREE_BYTES + MOST_GROWTH * @size
      broken("This backup would unpack to #{total / 1_000_000} MB from #{[@size / 1_000_000, 1].max}. It is not used.")
    end

    def known_kind!(file)
      name = file.name
      broken("“#{name.scrub[0, 80]}” is a link or a folder, which no backup holds.") unless file.ftype == :file
      return unless name.start_with?("/", "~") || name.match?(/[\\\0]/) ||
        name.split("/", -1).any? { |part| OUTSIDE.include?(part) }
      broken("“#{name.scrub[0, 80]}” points outside the shop's folder. This backup is not used.")
    end

    def read_manifest
      file = @zip.find_entry(MANIFEST)
      whole = file && file.size <= MOST_MANIFEST_BYTES
      broken("This is not a whole backup of Up Close. Copy it again from where it was made.") unless whole
      text = file.get_input_stream { |io| io.read(file.size + 1) }.to_s
      JSON.parse(text.force_encoding(Encoding::UTF_8), max_nesting: 5).tap { |read| check_manifest(read) }
    end

    def check_manifest(read)
      well_made = read.is_a?(Hash) && read["files"].is_a?(Hash) && read["files"].each_value.all? do |about|
        about.is_a?(Hash) && about["bytes"].is_a?(Integer) && about["bytes"] >= 0 && SHA256.match?(about["sha256"].to_s)
      end
      broken("Its list of files cannot be read. Copy the backup again from where it was made.") unless well_made
      broken("This backup was made by a newer Up Close. Update this one first.") if read["format"].to_i > FORMAT
    end

    # the list and the directory name the same files, of the same sizes, and none that is not a shop's
    def check_list
      parts.each do |part|
        broken("#{part.name} has another size than its list says.") if entry(part.name).size != part.bytes
        broken("It holds #{part.name}, which no backup does.") if LEFT_OUT.include?(part.name.split("/").first)
      end
      extra = @zip.entries.map(&:name) - parts.map(&:name) - [MANIFEST]
      broken("It holds #{extra.first.scrub[0, 80]}, which its list does not name.") if extra.any?
      broken("It holds no database. This is no backup of a shop.") unless parts.any? { |part| part.name == DATABASE }
    end
  end
end
