# frozen_string_literal: true

require "digest"
require "json"
require "json_schemer"
require "zip"

module Shelves
  # A job's bundle as a file: a ZIP of bundle.json, the originals by their hash, and drawings and a record for whoever
  # has no Up Close. What is read is taken for hostile: only names that a bundle has, only so much, nothing written.
  class BundleFile
    DATA, RECORD = "bundle.json", "record.csv"
    ORIGINAL = %r{\Aoriginals/(\h{64})\z}
    DRAWING = %r{\Adrawings/[\w. -]{1,120}\.pdf\z}
    NAMES = [ORIGINAL, DRAWING].freeze
    MOST_ENTRIES, MOST_DATA_BYTES, MOST_BYTES = 3_000, 40_000_000, 400_000_000
    MOST_DEEP = 40
    # errors of the schema that are told
    TOLD = 1

    # @param schema [Hash] JSON Schema of bundle.json  @param format [String]  @param version [Integer]
    def initialize(schema, format:, version:)
      @schema, @format, @version = schema, format, version
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

    # @param bytes [String]
    # @return [Array(Hash, Hash{String => String})] bundle.json, and the originals' bytes by their hash
    # @raise [UpClose::Errors::BadArtwork]
    def read(bytes)
      entries = Zip::File.open_buffer(bytes).entries
      too_large! if entries.size > MOST_ENTRIES || entries.sum(&:size) > MOST_BYTES
      entries.each { |entry| known!(entry) }
      data = entries.find { |entry| entry.name == DATA } || broken!("it has no #{DATA}")
      [parsed(content(data, MOST_DATA_BYTES)), originals(entries)]
    rescue Zip::Error, Zlib::Error
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

    # no more than was said of it, whatever comes out
    def content(entry, most = MOST_BYTES)
      too_large! if entry.size > most
      read = entry.get_input_stream { |io| io.read(entry.size + 1) } || ""
      broken!("“#{entry.name}” is not as long as it says") unless read.bytesize == entry.size
      read
    end

    def originals(entries)
      entries.filter_map { |entry|
        name = entry.name[ORIGINAL, 1] or next
        bytes = content(entry)
        broken!("the original #{name[0, 8]}… was changed") unless Digest::SHA256.hexdigest(bytes) == name
        [name, bytes]
      }.to_h
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
