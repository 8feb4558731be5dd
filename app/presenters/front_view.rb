# frozen_string_literal: true

require "vips"

module Presenters
  # A curved piece as seen from the front, and on it what can be seen of the
  # mark: each place of the picture asks the shape what lies behind it.
  class FrontView
    WIDTH = 728
    HEIGHT = 250
    MARGIN = 16
    # the shape is asked on a grid this fine; between its places is drawn straight
    GRID = 3

    # @param mark [Mark]  @param placement [UpClose::Placing::Placement]
    def initialize(mark, placement)
      @mark, @placement = mark, placement
      @shape = mark.shape_core
    end

    def piece = @mark.piece

    def scale = [(WIDTH - 2 * MARGIN) / @shape.front_box.width, (HEIGHT - 2 * MARGIN) / @shape.front_box.height].min

    def outline = UpClose::Formats::SVG::PathWriter.call(@shape.front_outline.transform(onto_drawing), places: 1)

    # where the picture of the ink is fetched
    def ink_path
      place = %i[width_mm x_mm y_mm turn_deg].to_h { |key| [key, @placement.public_send(key)] }
      "/marks/#{@mark.id}/front.png?#{Rack::Utils.build_query(**place, v: @mark.design.looks_signature)}"
    end

    # within this much either way words read at one glance
    def glance
      return [] unless %w[cylinder cup].include?(@shape.key)
      half = @shape.front_box.width / 2 * Math.sin(UpClose::Surfaces::Curved::GLANCE_DEG * Math::PI / 180)
      [-half, half].map { |x| onto_drawing.apply(UpClose::Geometry::Point[x, 0]).x.round(1) }
    end

    # @param look [Vips::Image] the ink's own box with a margin of +margin+ pixels, as it will look
    # @return [String] PNG, clear where nothing of the ink is seen
    def png(look, margin)
      index = places(look.width - 2 * margin, look.height - 2 * margin, margin)
      seen = (look.has_alpha? ? look : look.bandjoin(255)).mapim(index, extend: :background, background: [0, 0, 0, 0])
      seen.cast(:uchar).copy(interpretation: :srgb).pngsave_buffer(compression: 3)
    end

    private

    def onto_drawing
      centre = @shape.front_box.centre
      UpClose::Geometry::Transform.move(-centre.x, -centre.y)
        .then(UpClose::Geometry::Transform.scale(scale))
        .then(UpClose::Geometry::Transform.move(WIDTH / 2.0, HEIGHT / 2.0))
    end

    # for each pixel of the drawing, the pixel of the look that is seen there
    def places(width, height, margin)
      columns, rows = WIDTH / GRID + 2, HEIGHT / GRID + 2
      values = (0...rows).flat_map do |j|
        (0...columns).flat_map { |i| source(i * GRID, j * GRID, width, height, margin) }
      end
      grid = Vips::Image.new_from_memory(values.pack("e*"), columns, rows, 2, :float)
      grid.affine([GRID, 0, 0, GRID], oarea: [0, 0, WIDTH, HEIGHT], interpolate: Vips::Interpolate.new(:bilinear))
    end

    AWAY = [-1e6, -1e6].freeze

    def source(x, y, width, height, margin)
      centre = @shape.front_box.centre
      on = @shape.on_mark(
        UpClose::Geometry::Point[(x - WIDTH / 2.0) / scale + centre.x, (y - HEIGHT / 2.0) / scale + centre.y],
        @placement.centre
      ) or return AWAY
      back = UpClose::Geometry::Transform.turn(-@placement.turn_deg).apply(on)
      per_mm = width / @placement.width_mm
      [back.x * per_mm + width / 2.0 + margin, back.y * per_mm + height / 2.0 + margin]
    end
  end
end
