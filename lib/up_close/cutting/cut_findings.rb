# frozen_string_literal: true

module UpClose
  module Cutting
    # What a line to cut along comes to, in words.
    class CutFindings
      # @param line [Class] a Line  @param cut [Cut]  @param figures [Hash{Symbol => Float}] as Asked takes them
      # @param writer [Measure::LengthWriter]  @return [Finding]
      def self.finding(line, cut, figures, writer) = new(line, cut, figures, writer).finding

      def initialize(line, cut, figures, writer)
        @line, @cut, @figures, @writer = line, cut, figures, writer
      end

      # @return [Finding]
      def finding
        Finding.note(
          :cut_line, "Cut along", figure: "#{mm(length)} of cutting", value: length, unit: "mm",
          working: working, reason: [@line.title, *told].join("; ") + ".",
          remedy: closed? ? "With a smaller least hole they are cut out too." : nil
        )
      end

      private

      def closed? = @cut.closed.to_i.positive?

      def length = @cut.region.shape.length

      def told
        [(joined if @cut.joined.to_i.positive?), (closed if closed?), (holes if @cut.holes.any?)].compact
      end

      def joined
        return "its #{@cut.joined} parts are held by film all round" unless @cut.bridged_mm
        "its #{@cut.joined} parts are held together by film, the widest gap #{mm(@cut.bridged_mm)}"
      end

      def closed
        many = @cut.closed > 1
        "#{@cut.closed} #{many ? "holes" : "hole"} of the ink stay#{"s" unless many} closed: no circle of " \
          "#{mm(@figures[:blade_mm])} lies in #{many ? "them" : "it"}, too small for a blade"
      end

      def holes = "#{@cut.holes.size} #{(@cut.holes.size > 1) ? "holes are" : "hole is"} cut out"

      def working
        return Working.new("#{n(@figures[:around_mm])} mm outside the ink") unless @line.follows_ink?
        Working.new(
          "all within #{n(@figures[:around_mm])} mm of ink, " \
          "corners of #{n(@figures[:least_radius_mm])} mm radius or more, true to #{n(2 * Followed::FINE_MM, 3)} mm",
          source: "a radius of 0.5 mm and a hole of 4 mm are starting values"
        )
      end

      def n(value, places = 2) = Working.number(value, places)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
