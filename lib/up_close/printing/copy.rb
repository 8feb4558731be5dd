# frozen_string_literal: true

module UpClose
  module Printing
    # How one copy of a mark stands on a sheet: the mark itself, and what the hands
    # need round it: corner ticks or a cut line, and windows to see pencil lines through. Frozen.
    class Copy
      # triangles to cut out of the border
      WINDOW_MM = 4.0
      WINDOW_SHARE = 0.6
      CUT_LINE = Colour.new(150, 150, 150)

      attr_reader :border

      # @param artwork [#draw_on]  @param ink [Artwork::Ink]  @param mirrored [Boolean]
      # @param border_mm [Float] kept round the ink  @param windows [Boolean] for paper that is laid face down
      # @param cut [Cutting::Cut, nil] the line that is drawn to cut along; nil: corner ticks say it
      def initialize(artwork:, ink:, mirrored:, border_mm:, windows: false, cut: nil)
        @artwork, @ink, @mirrored, @border, @windows, @cut = artwork, ink, mirrored, border_mm, windows, cut
        freeze
      end

      # in its cell: trimmed to its box, or cut along its line
      # @param number [Integer] which copy  @param trim [Geometry::Box]
      # @return [Array] items
      def boxed(number, trim, turn: 0)
        return cut_out(number, trim, turn: turn) if @cut
        [mark(number, trim.grown(-border), turn), *ticks(turned(trim, turn)), *windows(turned(trim, turn))]
      end

      private

      def cut_out(number, trim, turn:)
        map = Geometry::Transform.turn(turn).then(Geometry::Transform.move(*trim.centre.to_a))
        [
          mark(number, trim.grown(-border), turn),
          *@cut.lines(map).map { |line| Items::Line.new(line, colour: CUT_LINE) }
        ]
      end

      def mark(number, box, turn)
        artwork = @artwork.respond_to?(:for_copy) ? @artwork.for_copy(number) : @artwork
        Items::Mark.new(artwork: artwork, ink: @ink, box: box, mirrored: @mirrored, turn: turn)
      end

      # a quarter turn about its middle changes its sides
      def turned(box, turn)
        return box if (turn % 180).zero?
        Geometry::Box.new(
          x: box.centre.x - box.height / 2,
          y: box.centre.y - box.width / 2,
          width: box.height,
          height: box.width
        )
      end

      # one in the middle of each side, its foot on the trim line, its tip towards the ink
      def windows(box)
        return [] unless @windows && border >= 3
        half, deep = WINDOW_MM / 2, border * WINDOW_SHARE
        middle = box.centre
        [
          [middle.x, box.y, 0, 1],
          [middle.x, box.bottom, 0, -1],
          [box.x, middle.y, 1, 0],
          [box.right, middle.y, -1, 0]
        ].map do |x, y, inx, iny|
          foot = Geometry::Point.new(x, y)
          along = Geometry::Point.new(iny.abs, inx.abs) * half
          Items::Line.new([foot - along, foot + Geometry::Point.new(inx, iny) * deep, foot + along])
        end
      end

      # two short lines in each corner of the trim line, well away from the ink
      def ticks(box)
        return [] if border < 2
        size = [1.2, box.width / 4, box.height / 4].min
        [[box.x, 1], [box.right, -1]].product([[box.y, 1], [box.bottom, -1]]).flat_map do |(x, sx), (y, sy)|
          corner = Geometry::Point.new(x, y)
          [Geometry::Point.new(x + sx * size, y), Geometry::Point.new(x, y + sy * size)].map do |tip|
            Items::Line.new([corner, tip])
          end
        end
      end
    end
  end
end
