# frozen_string_literal: true

module UpClose
  module Placing
    # The lines to draw on the piece before a mark is laid: through the middle of its ink's
    # box, told as distances from what can be seen on the piece (Surfaces::Shape#bearings).
    # A line that runs across is found by measuring up or down, an upright one sideways.
    class PencilLines
      # One line. +at+ and +along+ place it (mm, piece's middle as origin); +runs+ is :across,
      # :up or :own, the mark's own direction; +from+ a Surfaces::Bearing::FROM, nil for :own. Frozen.
      class Line
        attr_reader :title, :runs, :from, :figure_mm, :words, :working, :at, :along

        def initialize(title:, runs:, figure_mm:, words:, working:, at:, along:, from: nil)
          @title, @runs, @from, @figure_mm, @words, @working = title, runs, from, figure_mm, words, working
          @at, @along = at, along
          freeze
        end
      end

      NEAR_MM = 0.05
      ALONG = {across: Geometry::Point.new(1, 0), up: Geometry::Point.new(0, 1)}.freeze

      # @param shape [Surfaces::Shape]  @param placement [Placement]  @param writer [Measure::LengthWriter]
      def initialize(shape:, placement:, writer:)
        @shape, @placement, @writer = shape, placement, writer
      end

      # @return [Array<Line>] two lines crossing in the middle of the mark, and its own when it is turned
      def call = @shape.bearings(@placement.centre).map { |runs, bearing| line(runs, bearing) } + own_line

      private

      def straight? = (@placement.turn_deg % 90).abs < 0.01

      def line(runs, bearing)
        Line.new(title: bearing.title, runs: runs, from: bearing.from, figure_mm: bearing.distance_mm,
          words: words(bearing), working: working(bearing), at: @placement.centre, along: ALONG.fetch(runs))
      end

      def words(bearing)
        here = "#{mm(bearing.distance_mm)} from the #{bearing.from_words}"
        return "#{here}, #{bearing.where}." unless bearing.rest_mm
        "#{here}, #{mm(bearing.rest_mm)} from the #{bearing.to_words}, #{bearing.where}."
      end

      def working(bearing)
        return Working.new("#{n(bearing.distance_mm)} mm over the surface") unless bearing.rest_mm
        whole = bearing.whole_mm
        return Working.new("#{n(whole)} ÷ 2 = #{n(whole / 2)}") if (bearing.rest_mm - bearing.distance_mm).abs < NEAR_MM
        Working.new("#{n(whole)} − #{n(bearing.rest_mm)} = #{n(bearing.distance_mm)}")
      end

      def own_line
        return [] if straight?
        way = Geometry::Transform.turn(@placement.turn_deg).apply(ALONG[:across])
        [Line.new(
          title: "The mark's own line, through the crossing",
          runs: :own,
          figure_mm: nil,
          words: slope(way),
          working: Working.new("100 × tan #{n(@placement.turn_deg)}° = #{n(100 * way.y / way.x)}"),
          at: @placement.centre,
          along: way
        )]
      end

      def slope(way)
        rise = 100 * way.y / way.x
        turned = "#{Working.number(@placement.turn_deg.abs, 1)}° " \
          "#{@placement.turn_deg.negative? ? "anticlockwise" : "clockwise"}"
        "Turned #{turned} from the line across: #{rise.negative? ? "up" : "down"} #{mm(rise.abs)} for every " \
        "#{mm(100)} to the right."
      end

      def n(value) = Working.number(value)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
