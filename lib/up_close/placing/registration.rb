# frozen_string_literal: true

module UpClose
  module Placing
    # How a sheet laid face down is brought to its place: the paper is trimmed to
    # a known box, whose edges meet lines on the piece; windows let the pencil
    # lines be seen; one side is taped as a hinge (handbook, “Sheets and stock”).
    class Registration
      WINDOW_MM = 4.0

      # One instruction: a title, a figure, words and working. Frozen.
      Line = Value.define(:title, :figure_mm, :words, :working)

      # @param shape [Surfaces::Shape]  @param placed [PlacedInk]
      # @param border_mm [Float] from ink to trim line  @param face_down [Boolean]
      def initialize(shape:, placed:, border_mm:, face_down:, writer:)
        @shape, @placed, @border, @face_down, @writer = shape, placed, border_mm, face_down, writer
      end

      # the paper's own box, turned with the mark; mm of the piece
      # @return [Array<Geometry::Point>] corners, the mark's top left first
      def trim_corners
        half_width, half_height = @placed.width_mm / 2 + @border, @placed.height_mm / 2 + @border
        turn = Geometry::Transform.turn(@placed.placement.turn_deg)
          .then(Geometry::Transform.move(@placed.placement.x_mm, @placed.placement.y_mm))
        [[-1, -1], [1, -1], [1, 1], [-1, 1]].map { |x, y| turn.apply(Geometry::Point[x * half_width, y * half_height]) }
      end

      # @return [Array<Line>]
      def lines = [trim, *edges, windows, (hinge if @face_down)].compact

      private

      def trim
        width, height = @placed.width_mm + 2 * @border, @placed.height_mm + 2 * @border
        Line.new(
          "Trim the paper to",
          width,
          "#{@writer.pair(width, height)}: cut through the corner ticks, #{mm(@border)} outside the ink.",
          Working.new("#{n(@placed.width_mm)} + 2 × #{n(@border)} by #{n(@placed.height_mm)} + 2 × #{n(@border)}")
        )
      end

      # Where the paper's own edges come to lie, when it is not turned: from what is nearest
      # on the piece, at the height of the mark's middle.
      def edges
        return [] unless (@placed.placement.turn_deg % 90).zero?
        box = Geometry::Box.around(trim_corners)
        bearings = @shape.bearings(@placed.placement.centre)
        [
          edge("The paper's left edge lies", bearings[:up], box.width / 2),
          edge("The paper's top edge lies", bearings[:across], box.height / 2)
        ].compact
      end

      # @param half [Float] mm from the mark's middle to the paper's edge
      def edge(title, bearing, half)
        return if bearing.from == :middle
        value = bearing.distance_mm - half
        Line.new(
          title,
          value.abs,
          "#{mm(value.abs)} #{value.negative? ? "beyond" : "from"} the #{bearing.from_words}, #{bearing.where}.",
          Working.new("#{n(bearing.distance_mm)} − #{n(half)} = #{n(value)}")
        )
      end

      def windows
        return if @border < 3 || !@face_down
        Line.new(
          "Windows",
          WINDOW_MM,
          "Cut the small triangle out of the middle of each side, drawn on the sheet: its tip shows the pencil line.",
          Working.new("#{n(WINDOW_MM)} mm wide, inside the #{n(@border)} mm border: a starting value")
        )
      end

      # the side with the most of the piece beyond it, so that the tape has ground to hold
      def hinge
        corners = trim_corners
        sides = {"top" => [0, 1], "right" => [1, 2], "bottom" => [2, 3], "left" => [3, 0]}.transform_values do |a, b|
          beyond((corners[a] + corners[b]) * 0.5)
        end
        side, room = sides.max_by(&:last)
        if room < 2
          return Line.new(
            "Hinge",
            nil,
            "The paper is as large as the piece. Tape it to the bench beside the piece, not to the piece.",
            Working.new("most room beyond a side: #{n(room)} mm")
          )
        end
        Line.new(
          "Hinge",
          room,
          "Tape the #{side} side of the paper, seen from its back: there is #{mm(room)} of the piece to tape to.",
          Working
            .new("room beyond the middle of each side: #{sides.map { |name, value| "#{name} #{n(value)}" }.join(", ")}")
        )
      end

      # how much of the piece lies outside the middle of a side
      def beyond(middle) = @shape.reach(middle, (middle - @placed.placement.centre).unit)

      def n(value) = Working.number(value)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
