# frozen_string_literal: true

module UpClose
  module Boards
    # A board made ready for its plate: copper widened, ground filled, drill spots left bare, several boards with webs
    # between, register marks in the frame. mm, y downwards, as seen from the top, the plate's middle the origin.
    class Plate
      attr_reader :board, :layout

      # @param board [Board]  @param layout [Layout]
      def initialize(board, layout)
        @board, @layout = board, layout
      end

      # @return [Geometry::Box] of the whole plate
      def box
        width = span(layout.columns, board.box.width)
        height = span(layout.rows, board.box.height)
        Geometry::Box.new(x: -width / 2, y: -height / 2, width: width, height: height)
      end

      # from the board's own files to each place on the plate
      # @return [Array<Geometry::Transform>]
      def places
        first = Geometry::Point[box.x + layout.frame_mm, box.y + layout.frame_mm]
        layout.rows.times.flat_map do |row|
          layout.columns.times.map do |column|
            Geometry::Transform.move(
              first.x + column * (board.box.width + layout.web_mm) - board.box.x,
              first.y + row * (board.box.height + layout.web_mm) - board.box.y
            )
          end
        end
      end

      # one board's copper as it is printed
      # @param side [String]  @return [Geometry::Region]
      def copper(side)
        (@copper ||= {})[side] ||= DrillDots.call(solid(side), spotted(side), layout.dot_mm)
      end

      # the same before its drill spots
      # @return [Geometry::Region]
      def solid(side)
        (@solid ||= {})[side] ||= begin
          copper = board.copper(side)
          copper = copper.grown(layout.widen_mm) if layout.widen_mm.positive?
          layout.fill ? copper + GroundFill.call(board, side, layout.clearance_mm) : copper
        end
      end

      # @return [Array<Hole>] that get a bare spot
      def spotted(side) = layout.dot_mm.positive? ? DrillDots.holes(board, side, layout.dot_mm) : []

      # all of a side as it is printed
      # @param side [String]  @param layer [String] "copper", or another kind
      # @return [Geometry::Region]
      def print(side, layer = "copper")
        single = (layer == "copper") ? copper(side) : board.layer(layer, side).region
        Geometry::Region.union(places.flat_map { |map| moved(single, map) } + pins.map { |centre| pin(centre) })
      end

      # @return [Array<Hole>] of all boards, and the pins'
      def holes
        places.flat_map { |map| board.holes.map { |hole| hole.mapped(map) } } +
          pins.map { |centre| Hole.new(Layout::PIN_MM, [centre], false) }
      end

      # @return [Array<Geometry::Region>] each board's edge
      def outlines = places.flat_map { |map| moved(board.outline, map) }

      # where the plate is scored or sawn, each from edge to edge
      # @return [Array<Array(Geometry::Point, Geometry::Point)>]
      def score_lines
        return [] if layout.count == 1 && layout.frame_mm.zero?
        xs = outlines.flat_map { |outline| [outline.box.x, outline.box.right] }.uniq { |x| x.round(3) }
        ys = outlines.flat_map { |outline| [outline.box.y, outline.box.bottom] }.uniq { |y| y.round(3) }
        xs.map { |x| [Geometry::Point[x, box.y], Geometry::Point[x, box.bottom]] } +
          ys.map { |y| [Geometry::Point[box.x, y], Geometry::Point[box.right, y]] }
      end

      # register marks: two on the middle line left and right, and one more that tells the plate's ends apart
      # @return [Array<Geometry::Point>]
      def pins
        return [] unless layout.pins
        off = Layout::PIN_FRAME_MM / 2
        left, right, top = box.x + off, box.right - off, box.y + off
        [Geometry::Point[left, 0], Geometry::Point[right, 0], Geometry::Point[left, top]]
      end

      # how much narrower the widening makes the narrowest gap
      # @return [Float, nil] mm
      def gap_mm(side) = board.gaps(side).first&.then { |place| place.mm - 2 * layout.widen_mm }

      private

      def span(count, size) = count * size + (count - 1) * layout.web_mm + 2 * layout.frame_mm

      def moved(region, map) = region.parts.map { |part| part.mapped(map) }

      # a ring with a bare middle to drill on, and a cross that is laid over the other side's
      def pin(centre)
        ring = Geometry::Region.disc(centre, Layout::PIN_MM) - Geometry::Region.disc(centre, Layout::PIN_MM - 0.3)
        bars = [[centre.x - 2, centre.y - 0.2, 4, 0.4], [centre.x - 0.2, centre.y - 2, 0.4, 4]].map { |x, y, w, h|
          Geometry::Region.box(Geometry::Box.new(x: x, y: y, width: w, height: h))
        }
        bars.reduce(ring, :+) - Geometry::Region.disc(centre, 0.15)
      end
    end
  end
end
