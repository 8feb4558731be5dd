# frozen_string_literal: true

module UpClose
  module Formats
    module PNG
      # A PNG's heading and chunks (PNG specification, 5 and 11), without decoding it.
      class Chunks
        attr_reader :width, :height, :depth, :colour_type, :interlace

        # @param bytes [String] a whole PNG
        def initialize(bytes)
          @bytes = bytes
          @width, @height, @depth, @colour_type, @interlace = bytes.unpack("@16NNCC@28C")
        end

        # @param name [String] of four letters  @return [Array<String>] the bodies of those chunks
        def named(name)
          each.select { |kind, *| kind == name }.map { |_, offset, size| @bytes.byteslice(offset, size) }
        end

        # plain grey or RGB of 8 bits in rows: what a page can take as it is
        def plain? = depth == 8 && [0, 2].include?(colour_type) && interlace.zero? && named("tRNS").empty?

        def colours = (colour_type == 2) ? 3 : 1

        private

        def each
          return enum_for(:each) unless block_given?
          offset = 8
          while offset + 12 <= @bytes.bytesize
            size, name = @bytes.unpack("@#{offset}Na4")
            yield name, offset + 8, size
            offset += size + 12
          end
        end
      end
    end
  end
end
