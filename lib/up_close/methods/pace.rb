# frozen_string_literal: true

module UpClose
  module Methods
    # How long the hand takes over one copy: a fixed part, and so much for its area, its
    # lines or its places under an iron. Frozen.
    class Pace
      attr_reader :seconds, :working

      # @param seconds [Numeric]  @param working [String]
      def initialize(seconds, working)
        @seconds, @working = seconds, working
        freeze
      end

      # @param mm2 [Float]  @param cm2_a_minute [Numeric]  @param fixed [Numeric] seconds
      def self.area(mm2, cm2_a_minute, fixed: 0)
        seconds = fixed + mm2 / 100.0 / cm2_a_minute * 60
        new(seconds, "#{n(fixed)} s + #{n(mm2 / 100, 1)} cm² ÷ #{n(cm2_a_minute)} cm² a minute = #{n(seconds)} s")
      end

      # @param mm [Float]  @param mm_a_minute [Numeric]
      def self.length(mm, mm_a_minute, fixed: 0)
        seconds = fixed + mm.to_f / mm_a_minute * 60
        new(seconds, "#{n(fixed)} s + #{n(mm)} mm ÷ #{n(mm_a_minute)} mm a minute = #{n(seconds)} s")
      end

      # @param places [Integer]  @param each [Numeric] seconds
      # @param what [String] one of them, in the singular
      def self.places(places, each, fixed: 0, what: "place")
        seconds = fixed + places * each
        new(seconds, "#{n(fixed)} s + #{places} × #{n(each)} s for each #{what} = #{n(seconds)} s")
      end

      # @return [String] a plain decimal
      def self.n(value, places = 0) = Working.number(value, places)

      def to_f = seconds.to_f
    end
  end
end
