# frozen_string_literal: true

module UpClose
  module Placing
    # The lines to draw on the piece before laying a mark face down: through the
    # middle of its ink, along its own directions, told as distances from the
    # piece's own edges or middle.
    class PencilLines
      # One line. +at+ and +along+ place it (mm, piece's middle as origin). Frozen.
      class Line
        attr_reader :title, :figure_mm, :words, :working, :at, :along

        def initialize(title:, figure_mm:, words:, working:, at:, along:)
          @title, @figure_mm, @words, @working, @at, @along = title, figure_mm, words, working, at, along
          freeze
        end
      end

      NEAR_MM = 0.05

      # @param shape [Surfaces::Shape]  @param placement [Placement]  @param writer [Measure::LengthWriter]
      def initialize(shape:, placement:, writer:)
        @shape, @placement, @writer = shape, placement, writer
      end

      # @return [Array<Line>] two lines crossing in the middle of the mark
      def call
        return [through_middle(across), through_middle(upright)] if centred?
        [upright_line, across_line, *turned_line]
      end

      private

      def across = Geometry::Point.new(1, 0)

      def upright = Geometry::Point.new(0, 1)

      def straight? = (@placement.turn_deg % 90).abs < 0.01

      def centred? = @placement.centre.length < NEAR_MM

      def through_middle(way)
        turned = Geometry::Transform.turn(straight? ? 0 : @placement.turn_deg).apply(way)
        level = (way.x == 1) ? "across" : "upright"
        tilt = straight? ? "" : ", turned #{Working.number(@placement.turn_deg, 1)}° clockwise"
        size = (way.x == 1) ? @shape.box.width : @shape.box.height
        Line.new(title: "A line #{level} through the middle", figure_mm: size / 2, working: Working.new("#{n(size)} ÷ 2 = #{n(size / 2)}"),
          words: "#{mm(size / 2)} from either #{@shape.edge_word}, measured #{(way.x == 1) ? "across" : "up and down"} the middle#{tilt}.", at: Geometry::Point::ORIGIN, along: turned)
      end

      def upright_line
        line_from("An upright line", %w[left right widest], @shape.box.x, @shape.box.right, @placement.x_mm, upright)
      end

      def across_line
        line_from("A line across", %w[top bottom tallest], @shape.box.y, @shape.box.bottom, @placement.y_mm, across)
      end

      # @param low [Float] the piece's first edge from its middle  @param high [Float] its last
      def line_from(title, (first, last, place), low, high, at, along)
        Line.new(title: title, figure_mm: at - low, at: @placement.centre, along: along,
          words: "#{mm(at - low)} from the #{first} #{@shape.edge_word}, #{mm(high - at)} from the #{last}, at the #{place} place.",
          working: Working.new("#{n(high - low)} ÷ 2 #{(at < 0) ? "−" : "+"} #{n(at.abs)} = #{n(at - low)}; #{n(high - low)} − #{n(at - low)} = #{n(high - at)}"))
      end

      def turned_line
        return [] if straight?
        way = Geometry::Transform.turn(@placement.turn_deg).apply(across)
        [Line.new(title: "The mark's own line, through their crossing", figure_mm: nil,
          words: "Turned #{Working.number(@placement.turn_deg, 1)}° clockwise from the line across: down #{mm(100 * way.y / way.x)} for every #{mm(100)} to the right.".sub("down −", "up "),
          working: Working.new("100 × tan #{n(@placement.turn_deg)}° = #{n(100 * way.y / way.x)}"), at: @placement.centre, along: way)]
      end

      def n(value) = Working.number(value)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
