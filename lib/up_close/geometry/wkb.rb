# frozen_string_literal: true

module UpClose
  module Geometry
    # Rings to and from GEOS in one go, as well-known binary (ISO 19125-1, 7.4):
    # handing them over a point at a time is most of the work.
    module Wkb
      LITTLE_ENDIAN = 1
      LINE = 2
      POLYGON = 3
      MULTI_POLYGON = 6

      module_function

      # @return [String] an area of nothing
      def none = [LITTLE_ENDIAN, MULTI_POLYGON, 0].pack("CVV")

      # @param points [Array<Array(Numeric, Numeric)>]  @return [String]
      def line(points) = [LITTLE_ENDIAN, LINE, points.size].pack("CVV") + points.flatten.pack("E*")

      # @param bytes [String] a line  @return [Array<Array(Float, Float)>]
      def points(bytes) = bytes[9..].unpack("E*").each_slice(2).to_a

      # @param rings [Array<Array<Array(Numeric, Numeric)>>] not closed
      # @return [String]
      def polygon(rings)
        [LITTLE_ENDIAN, POLYGON, rings.size].pack("CVV") + rings
          .map { |ring| [ring.size + 1].pack("V") + (ring + [ring.first]).flatten.pack("E*") }
          .join
      end

      # @param bytes [String] a polygon
      # @return [Array<Array<Array(Float, Float)>>] not closed
      def rings(bytes)
        offset = 9
        Array.new(bytes.unpack1("V", offset: 5)) do
          count = bytes.unpack1("V", offset: offset)
          flat = bytes[offset + 4, count * 16].unpack("E*")
          offset += 4 + count * 16
          flat.each_slice(2).first(count - 1)
        end
      end
    end
  end
end
