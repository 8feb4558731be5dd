# frozen_string_literal: true

require "zlib"

module UpClose
  module Formats
    # Takes a font out of its wrapping for the web (W3C, WOFF File Format 1.0): the same tables, each packed by itself.
    module WOFF
      MOST_TABLES = 64
      MOST_BYTES = 40 * 1024 * 1024
      HEAD, ENTRY = 44, 20

      module_function

      # @param bytes [String] a WOFF
      # @return [String] TTF or OTF
      # @raise [Errors::BadArtwork]
      def unwrapped(bytes)
        flavour, _, count = bytes.unpack("@4a4Nn")
        entries = Array.new(count.to_i.clamp(0, MOST_TABLES)) { |i| bytes.unpack("@#{HEAD + i * ENTRY}a4N4") }
        if entries.empty? || entries.flatten.include?(nil) || entries.sum { |_, _, _, length, _| length } > MOST_BYTES
          bad
        end
        tables = entries.map { |tag, offset, packed, length, sum| [tag, table(bytes, offset, packed, length), sum] }
        assembled(flavour, tables)
      rescue Zlib::Error
        bad
      end

      # @param packed [Integer] bytes in the file  @param length [Integer] bytes unpacked  @return [String]
      def table(bytes, offset, packed, length)
        data = bytes.byteslice(offset, packed)
        bad unless data&.bytesize == packed
        data = Zlib::Inflate.inflate(data) if packed < length
        (data.bytesize == length) ? data : bad
      end

      # the directory, then each table on a whole four bytes
      def assembled(flavour, tables)
        power = Math.log2(tables.size).floor
        offset = 12 + 16 * tables.size
        directory = [flavour, tables.size, 16 * 2**power, power, 16 * (tables.size - 2**power)].pack("a4n4")
        body = +"".b
        tables.each do |tag, data, sum|
          directory << [tag, sum, offset + body.bytesize, data.bytesize].pack("a4N3")
          body << data << "\0" * (-data.bytesize % 4)
        end
        directory + body
      end

      def bad
        raise(Errors::BadArtwork.new(
          "This font is incomplete or damaged.",
          remedy: "Copy it again from its source.",
          field: :font_file
        ))
      end
    end
  end
end
