# frozen_string_literal: true

require "digest"
require "fileutils"
require "json"
require "json_schemer"
require "up_close"
require "zip"

module Shelves
  # A job's bundle as a file: a ZIP of bundle.json, the originals by their hash, and drawings and a record for whoever
  # has no Up Close. What is read is taken for hostile: only names that a bundle has, only so much, told by its
  # directory before anything is inflated. A value that a worker is sent, which reads it there. Frozen.
  class BundleFile
    DATA, RECORD = "bundle.json", "record.csv"
    ORIGINAL = %r{\Aoriginals/(\h{64})\z}
    DRAWING = %r{\Adrawings/[\w. -]{1,120}\.pdf\z}
    NAMES = [ORIGINAL, DRAWING].freeze
    MOST_ENTRIES, MOST_DATA_BYTES, MOST_BYTES = 3_000, 40_000_000, 400_000_000
    # an original came in by a form once, which takes no more
    MOST_ORIGINAL_BYTES = 100_000_000
    # what grows more than so many times as it is inflated holds nothing
    MOST_GROWTH, GROWTH_FREE_BYTES = 100, 50_000_000
    AT_ONCE = 1 << 20
    MOST_DEEP = 40
    # errors of the schema that are told
    TOLD = 1

    # @param schema [Hash] JSON Schema of bundle.json  @param format [String]  @param version [Integer]
    def initialize(schema, format:, version:)
      @schema, @format, @version = schema, format, version
      freeze
    end

    # @param data [Hash]  @param files [Hash{String => String}] bytes by name
    # @return [String] bytes of the ZIP
    def write(data, files)
      check!(data)
      Zip::OutputStream.write_buffer do |zip|
        {DATA => JSON.pretty_generate(data), **files}.each do |name, bytes|
          zip.put_next_entry(name)
          zip.write(bytes)
        end
      end.string
    end

    # @param path [String] of the ZIP  @param folder [String] empty, for the originals, each named by its hash
    # @return [Array(Hash, Array<String>)] bundle.json, and the hashes of the originals that were unpacked
    # @raise [UpClose::Errors::BadArtwork]
    def unpack(path, folder)
      Zip::File.open(path) do |zip|
        check_sizes(zip.entries, File.size(path))
        zip.entries.each { |entry| known!(entry) }
        data = zip.find_entry(DATA) || broken!("it has no #{DATA}")
        [parsed(text(data)), zip.entries.filter_map { |entry| unpack_original(entry, folder) }]
      end
    rescue Zip::Error, Zlib::Error, EOFError, Errno::EINVAL
      broken!("it is no whole ZIP file")
    end

    private

    def refuse!(words, remedy)
      raise UpClose::Errors::BadArtwork.new(words, remedy: remedy, field: :bundle)
    end

    def broken!(why)
      refuse!("This is no job's bundle: #{why}.", "Make the bundle again in the shop that it comes from.")
    end

    def too_large! = refuse!("This bundle is larger than a job can be.", "Nothing was taken in.")

    # no other names, no folders, no links
    def known!(entry)
      known = [DATA, RECORD].include?(entry.name) || NAMES.any? { |pattern| pattern.match?(entry.name) }
      broken!("“#{entry.name.to_s[0, 60].scrub}” does not belong in one") unless known && entry.ftype == :file
    end

    # what the directory says, before anything is inflated
    def check_sizes(entries, size)
      total = entries.sum(&:size)
      too_large! if entries.size > MOST_ENTRIES || total > MOST_BYTES || total > GROWTH_FREE_BYTES + MOST_GROWTH * size
      entries.each do |entry|
        too_large! if entry.size > ((entry.name == DATA) ? MOST_DATA_BYTES : MOST_ORIGINAL_BYTES)
      end
    end

    # no more than was said of it, whatever comes out
    # @yield [String] its bytes, one after another
    def inflate(entry)
      bytes = 0
      entry.get_input_stream do |io|
        while (some = io.read(AT_ONCE))
          bytes += some.bytesize
          break if bytes > entry.size
          yield some
        end
      end
      broken!("“#{entry.name}” is not as long as it says") unless bytes == entry.size
    end

    def text(entry) = (+"").tap { |read| inflate(entry) { |some| read << some } }

    # @return [String, nil] its hash; nil where it is none
    def unpack_original(entry, folder)
      name = entry.name[ORIGINAL, 1] or return
      digest = Digest::SHA256.new
      File.open(File.join(folder, name), File::WRONLY | File::CREAT | File::EXCL | File::BINARY, 0o600) do |file|
        inflate(entry) { |some| file.write(some) && digest << some }
      end
      broken!("the original #{name[0, 8]}… was changed") unless digest.hexdigest == name
      name
    rescue Errno::EEXIST
      broken!("it holds an original twice")
    end

    def parsed(text)
      data = JSON.parse(text.dup.force_encoding(Encoding::UTF_8), max_nesting: MOST_DEEP)
      broken!("its kind is not named") unless data.is_a?(Hash) && data["format"] == @format
      if data["version"].is_a?(Integer) && data["version"] > @version
        refuse!("This bundle was made by a newer Up Close.", "Update this one, then bring it again.")
      end
      check!(data)
      data
    rescue JSON::ParserError, EncodingError, ArgumentError
      broken!("#{DATA} cannot be read")
    end

    def check!(data)
      wrong = JSONSchemer.schema(@schema).validate(data).first(TOLD).first or return
      place = wrong["data_pointer"].delete_prefix("/").tr("/", " ")[0, 60]
      broken!(place.empty? ? "something in #{DATA} is missing or too much" : "“#{place}” is not what it should be")
    end
  end
end
