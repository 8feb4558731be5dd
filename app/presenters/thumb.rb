# frozen_string_literal: true

module Presenters
  # A mark on its piece, to scale, in a cell of fixed size: the piece's own outline and colour, the ink where it lies.
  # A piece too long for the cell is broken off with a wavy edge, so that its mark stays readable.
  class Thumb
    WIDTH = 88
    HEIGHT = 56
    EDGE = 2
    # px; below this the ink is a speck, and the piece is shown larger and broken off: sooner where it is long
    LONG = 2.2
    LEAST_INK = {long: 44, compact: 18}.freeze

    # One image of the ink, and of what white film is left round it. Pixels of the cell; +film+ is its colour or nil.
    Ink = UpClose::Value.define(:of, :x, :y, :width, :height, :turn_deg, :film, :rim, keyword_init: true)

    attr_reader :mark

    # @param mark [Mark]
    def initialize(mark)
      @mark = mark
      @shape = mark.shape_core
    end

    def colour = mark.piece.colour

    # pixels a millimetre
    def scale
      @scale ||= begin
        whole = [(WIDTH - 2 * EDGE) / box.width, (HEIGHT - 2 * EDGE) / box.height].min
        readable = [enough, most].min if marked?
        [whole, *readable].max
      end
    end

    # whether the piece goes on beyond the cell
    def broken? = box.width * scale > WIDTH - EDGE || box.height * scale > HEIGHT - EDGE

    # a wave along each side that the piece goes on beyond, to be filled with the paper outside
    WAVES = {
      left: "M3 -3c4 7-4 11 0 16s-4 11 0 16s-4 11 0 16s-4 9 0 17H-4V-3z",
      right: "M85 -3c4 7-4 11 0 16s-4 11 0 16s-4 11 0 16s-4 9 0 17H92V-3z",
      top: "M-3 3c7 4 11-4 16 0s11-4 16 0s11-4 16 0s11-4 16 0s11-4 16 0s9-4 17 0V-4H-3z",
      bottom: "M-3 53c7 4 11-4 16 0s11-4 16 0s11-4 16 0s11-4 16 0s11-4 16 0s9-4 17 0V60H-3z"
    }.freeze

    # @return [Array<String>] path data of the waves
    def breaks
      WAVES.values_at(*beyond.select { |_, over| over > EDGE / scale }.keys)
    end

    # the part of the cell that the piece takes, in which waves are drawn
    # @return [Array<Float>] x, y, width and height, pixels
    def taken
      left, top = [WIDTH / 2.0 + (box.x - middle.x) * scale, 0].max, [HEIGHT / 2.0 + (box.y - middle.y) * scale, 0].max
      width, height = [box.width * scale + 1, WIDTH - left].min, [box.height * scale + 1, HEIGHT - top].min
      [left, top, width, height].map { |v| v.round(1) }
    end

    # @return [String] path data
    def outline
      map = UpClose::Geometry::Transform.move(-middle.x, -middle.y)
        .then(UpClose::Geometry::Transform.scale(scale))
        .then(UpClose::Geometry::Transform.move(WIDTH / 2.0, HEIGHT / 2.0))
      UpClose::Formats::SVG::PathWriter.call(body.transform(map), places: 1)
    end

    # @return [Ink, nil]
    def ink
      return unless marked?
      seen = curved? ? seen_from_front : [mark.placement.centre, *size]
      centre, width, height = seen
      return unless centre
      Ink.new(
        of: mark, width: (width * scale).round(2), height: (height * scale).round(2),
        x: (WIDTH / 2.0 + (centre.x - middle.x) * scale).round(2),
        y: (HEIGHT / 2.0 + (centre.y - middle.y) * scale).round(2),
        turn_deg: mark.placement.turn_deg, **film
      )
    end

    private

    # how far the piece goes on beyond each side of the cell, mm
    def beyond
      half_w, half_h = WIDTH / 2.0 / scale, HEIGHT / 2.0 / scale
      {left: middle.x - half_w - box.x, right: box.right - middle.x - half_w,
       top: middle.y - half_h - box.y, bottom: box.bottom - middle.y - half_h}
    end

    # as it shows beneath and round the ink
    def film
      return {film: nil, rim: 0.0} unless mark.stock_core&.white? && mark.piece.colour_core
      {film: mark.design.surround.to_hex, rim: (mark.setting.border_mm * scale).round(2)}
    end

    def marked? = !mark.artwork.nil? && !mark.width_mm.nil?

    def curved? = @shape.curved?

    def body = curved? ? @shape.front_outline : @shape.path

    def box = @box ||= curved? ? @shape.front_box : @shape.box

    # width and height of the ink, mm
    def size = [mark.width_mm, mark.height_mm]

    # what the cell is centred on, mm: the piece's middle, or the ink where the piece is broken off
    def middle
      @middle ||= begin
        focus = (broken? && marked? && !curved?) ? mark.placement.centre : box.centre
        UpClose::Geometry::Point[held(focus.x, box.x, box.right, WIDTH), held(focus.y, box.y, box.bottom, HEIGHT)]
      end
    end

    # no farther than leaves the cell filled
    def held(focus, from, to, room)
      half = (room / 2.0 - EDGE) / scale
      (to - from <= 2 * half) ? (from + to) / 2 : focus.clamp(from + half, to - half)
    end

    # the scale at which the ink can be made out
    def enough = LEAST_INK[(box.width > LONG * box.height) ? :long : :compact] / size.max

    # the scale at which the ink fills the cell
    def most = [(WIDTH - 12) / size.first, (HEIGHT - 12) / size.last].min

    # the ink's box as the eye in front of the piece sees it, turned to face it
    # @return [Array(Point, Float, Float), nil]
    def seen_from_front
      width, height = size
      points = [-0.5, -0.25, 0, 0.25, 0.5].product([-0.5, 0, 0.5]).filter_map do |u, v|
        seen, visible = @shape.front(UpClose::Geometry::Point[faced.x + u * width, faced.y + v * height])
        seen if visible
      end
      return if points.empty?
      xs, ys = points.map(&:x).minmax, points.map(&:y).minmax
      [UpClose::Geometry::Point[xs.sum / 2, ys.sum / 2], xs.last - xs.first, ys.last - ys.first]
    end

    # a round piece is turned so that its mark faces the eye
    def faced
      centre = mark.placement.centre
      (@shape.key == "loft") ? centre : UpClose::Geometry::Point[0.0, centre.y]
    end
  end
end
