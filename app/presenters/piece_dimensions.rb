# frozen_string_literal: true

module Presenters
  # The dimension lines of a drawn piece and its mark: across and down, along the mark's own sides where it is turned,
  # and the room each way. Pixels of the PieceView's frame.
  class PieceDimensions
    # pixels from the piece to the lines below and beside it
    BELOW = 56
    BESIDE = 66
    # room drawn with a dimension at least this many pixels long
    SHORTEST = 3

    # @param view [PieceView]  @param placement [UpClose::Placing::Placement, nil]  @param room [UpClose::Placing::Room]
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(view, placement:, room:, writer:)
      @view, @placement, @room, @writer = view, placement, room, writer
    end

    # a turned mark is dimensioned along its own sides, read from below or from the right
    # @return [String] of a transform
    def turn
      x, y = px(@placement.centre.x, @placement.centre.y)
      "rotate(#{@placement.turn_deg - quarter * 90} #{x.round(2)} #{y.round(2)})"
    end

    # @return [Array<Dimension>] across and down
    def sizes
      left, top, right, bottom = sides
      [
        Dimension.new([left, below], [right, below], @writer.figure((right - left) / @view.scale)),
        Dimension.new([beside, top], [beside, bottom], @writer.figure((bottom - top) / @view.scale))
      ]
    end

    # thin lines that lead from the thing to its dimension
    # @return [Array<Array(Array(Float, Float), Array(Float, Float))>]
    def witnesses
      left, top, right, bottom = sides
      [[[left, bottom + 4], [left, below + 5]], [[right, bottom + 4], [right, below + 5]],
        [[right + 4, top], [beside + 5, top]], [[right + 4, bottom], [beside + 5, bottom]]]
    end

    # @return [Array<Dimension>] the room each way, where there is enough to draw
    def gaps
      return [] unless @placement
      @room.ways.filter_map do |side, (distance, from)|
        next if distance * @view.scale < SHORTEST
        x, y = PieceView::DIRECTIONS[side]
        Dimension.new(px(from.x, from.y), px(from.x + x * distance, from.y + y * distance), @writer.figure(distance))
      end
    end

    private

    def px(x, y) = @view.px(UpClose::Geometry::Point[x, y])

    # quarter turns of the side that is read from below
    def quarter = ((@placement.turn_deg + 45) / 90.0).floor

    # what is dimensioned, in pixels, before the dimensions are turned with it
    def sides
      box = @placement ? mark_box : @view.shape.box
      px(box.x, box.y) + px(box.right, box.bottom)
    end

    def mark_box
      size = [@placement.width_mm, @room.placed.height_mm]
      width, height = quarter.even? ? size : size.reverse
      UpClose::Geometry::Box.new(
        x: @placement.x_mm - width / 2,
        y: @placement.y_mm - height / 2,
        width: width,
        height: height
      )
    end

    def below = px(0, clear_of(0, 1))[1] + BELOW

    def beside = px(clear_of(1, 0), 0)[0] + BESIDE

    # how far out a dimension must stand to miss the piece, in the turned frame
    def clear_of(x, y)
      axis = UpClose::Geometry::Point[x, y]
      return @view.shape.support(axis) unless @placement
      outward = UpClose::Geometry::Transform.turn(@placement.turn_deg - quarter * 90).apply(axis)
      centre = @placement.centre
      @view.shape.support(outward) - outward.dot(centre) + centre.x * x + centre.y * y
    end
  end
end
