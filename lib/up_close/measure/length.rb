# frozen_string_literal: true

module UpClose
  module Measure
    # A length. Kept in millimetres, never rounded; frozen.
    class Length
      include Comparable

      INCH_MM = 25.4
      attr_reader :mm

      # @param value [Numeric]  @return [Length]
      def self.mm(value) = new(value)

      # @param value [Numeric]  @return [Length]
      def self.inches(value) = new(value * INCH_MM)

      # @param text [String] as a maker types it
      # @return [Length]
      # @raise [Errors::BadLength]
      def self.read(text, **options) = LengthReader.new(**options).read(text)

      def initialize(mm)
        @mm = mm.to_f
        freeze
      end

      def inches = mm / INCH_MM

      # @param other [Length]  @return [Length]
      def +(other) = Length.new(mm + other.mm)

      # @param other [Length]  @return [Length]
      def -(other) = Length.new(mm - other.mm)

      # @param other [Numeric]  @return [Length]
      def *(other) = Length.new(mm * other)

      # @param other [Length, Numeric]  @return [Float, Length] a ratio, or a part
      def /(other) = other.is_a?(Length) ? mm / other.mm : Length.new(mm / other)

      def -@ = Length.new(-mm)

      # @param other [Object]  @return [Integer, nil]
      def <=>(other) = other.is_a?(Length) ? mm <=> other.mm : nil

      # @param other [Object]  @return [Boolean]
      def eql?(other) = other.is_a?(Length) && mm.eql?(other.mm)

      def hash = [Length, mm].hash

      def inspect = "#<Length #{mm} mm>"
      alias_method :to_s, :inspect
    end
  end
end
