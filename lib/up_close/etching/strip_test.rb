# frozen_string_literal: true

module UpClose
  module Etching
    # What a strip of one's own, weighed or measured before and after, says of a bath or a supply: the depth it
    # lost in its time, and by what the starting value is to be multiplied. A look in the middle of an etch is one
    # too. Frozen.
    class StripTest
      attr_reader :depth_mm, :seconds

      # @param metal [Metal]  @param grams [Numeric] lost  @param area_mm2 [Numeric] bare, both faces and edges
      # @param seconds [Numeric] in the bath
      # @return [StripTest]
      def self.weighed(metal:, grams:, area_mm2:, seconds:)
        raise Error.new("A strip has an area.", remedy: "Give its bare area.", field: :area) unless area_mm2.to_f > 0
        new(depth_mm: grams / metal.density * 1000 / area_mm2.to_f, seconds: seconds)
      end

      # @param depth_mm [Numeric] lost at one face  @param seconds [Numeric] in the bath
      # @raise [Error] where it lost nothing or took no time
      def initialize(depth_mm:, seconds:)
        unless depth_mm.to_f.positive? && seconds.to_f.positive?
          raise Error.new(
            "This strip lost no weight, so it tells nothing.",
            remedy: "Leave it in longer, then weigh it dry.",
            field: :depth
          )
        end
        @depth_mm, @seconds = depth_mm.to_f, seconds.to_f
        freeze
      end

      # @return [Float] µm a minute
      def rate = depth_mm * 1000 / (seconds / 60)

      # @return [Working] of the rate
      def working
        Working.new(
          "#{Working.number(depth_mm * 1000, 1)} µm ÷ #{Working.number(seconds / 60, 1)} min " \
          "= #{Working.number(rate, 3)} µm/min", source: "your strip test"
        )
      end

      # @param expected_mm [Numeric] that was expected in the same time
      # @return [Float] by which a rate or an efficiency is multiplied
      def factor(expected_mm) = depth_mm / expected_mm

      # what is still to go, at the rate that it showed
      # @param wanted_mm [Numeric]
      # @return [Float] seconds; 0 where it is deep enough
      def left_s(wanted_mm) = [(wanted_mm - depth_mm) / depth_mm * seconds, 0.0].max
    end
  end
end
