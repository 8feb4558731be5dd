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
    # pixels from the mark to a dimension that has no room clear of the piece, and how many places are tried
    NEAREST = 30
    STEPS = 12

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
    def sizes = [across, down]

    # thin lines that lead from the thing to its dimension
    # @return [Array<Array(Array(Float, Float), Array(Float, Float))>]
    def witnesses
      left, top, right, bottom = sides
      [[[left, bottom + 4], [left, below + 5]], [[right, bottom + 4], [right, below + 5]],
        [[right + 4, top], [beside + 5, top]], [[right + 4, bottom], [beside + 5, bottom]]]
    end

    # @return [Array<Dimension>] the room each way, where there is enough to draw, their figures clear of each other
    def gaps = @clear_gaps ||= clear.call(room_each_way)

    # @return [String] what the letters in place of figures stand for
    def key = gaps && clear.key

    private

    def clear = @clear ||= ClearFigures.new(PieceView::WIDTH, @view.height, taken: sizes.map { |dim| turned_box(dim) })

    # where a figure of +sizes+ stands on the drawing
    def turned_box(dim)
      box = ClearFigures.corners(dim.figure, dim.at, upright: dim.upright_inline?)
      return box unless @placement
      by, centre = @placement.turn_deg - quarter * 90, UpClose::Geometry::Point[*px(*@placement.centre.to_a)]
      box.map { |p| centre + UpClose::Geometry::Transform.turn(by).apply(p - centre) }
    end

    def room_each_way
      return [] unless @placement
      @room.ways.filter_map do |side, (distance, from)|
        next if distance * @view.scale < SHORTEST
        x, y = PieceView::DIRECTIONS[side]
        Dimension.new(px(from.x, from.y), px(from.x + x * distance, from.y + y * distance), @writer.figure(distance))
      end
    end

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

    def across
      left, _, right, bottom = sides
      words = @writer.figure((right - left) / @view.scale)
      @across ||= nearer(px(0, clear_of(0, 1))[1] + BELOW, bottom + NEAREST) do |y|
        Dimension.new([left, y], [right, y], words)
      end
    end

    def down
      _, top, right, bottom = sides
      words = @writer.figure((bottom - top) / @view.scale)
      @down ||= nearer(px(clear_of(1, 0), 0)[0] + BESIDE, right + NEAREST) do |x|
        Dimension.new([x, top], [x, bottom], words)
      end
    end

    def below = across.from[1]

    def beside = down.from[0]

    # clear of the piece, or as much nearer to the mark as its figure needs to stay on the drawing
    # @yieldparam at [Float] px  @yieldreturn [Dimension]
    def nearer(far, near)
      tried = (0..STEPS).lazy.map { |i| yield(far + (near - far) * i / STEPS) }
      tried.find { |dim| UpClose::Geometry::Box.around(turned_box(dim)).inside?(frame) } || yield(far)
    end

    def frame = UpClose::Geometry::Box.new(x: 0, y: 0, width: PieceView::WIDTH, height: @view.height)

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
