# frozen_string_literal: true

require "vips"
require "shelves/drawn_artwork"
require "shelves/stored_original"

module Shelves
  # A piece with its marks as they will look, on its own photo or on one colour: a value that a worker is sent.
  class SeenOnPiece
    # one mark: DrawnArtwork, its ink's aspect, where it lies, and the film cut out with it (SVG path about its middle,
    # mm), nil on clear film
    Part = Struct.new(:drawn, :aspect, :placement, :film, keyword_init: true)
    # of pictures: the longest side, pixels, and how much finer a photo is read than that
    MOST_PX = 1000
    READ = 1.6

    # @param box [UpClose::Geometry::Box] of the picture, mm from the piece's middle
    # @param photo [StoredOriginal, nil]  @param plane [UpClose::Measure::PhotoScale::Straightened, nil]
    # @param origin [UpClose::Geometry::Point] of the piece's middle on the photo's plane, mm
    # @param white [UpClose::Geometry::Box, nil] of white paper, mm from the piece's middle
    # @param shape [UpClose::Surfaces::Shape]  @param colour [UpClose::Colour]  @param parts [Array<Part>] lowest first
    def initialize(box:, shape:, colour:, parts:, photo: nil, plane: nil, origin: nil, white: nil, most_px: MOST_PX)
      @box, @shape, @colour, @parts = box, shape, colour, parts
      @photo, @plane, @origin, @white, @most_px = photo, plane, origin, white, most_px
    end

    # @see UpClose::Identity
    def identity = [@box, @shape, @colour, @parts, @photo, @plane, @origin, @white, @most_px]

    # @return [Hash{Symbol => String}] PNGs: :bare, :clear and :white; and :findings, :rings, :contrast of each film
    def seen
      Workers.drawing("drawing")
      told = {}
      # one film after the other: pictures in linear light are large
      pictures = {clear: false, white: true}.to_h do |film, white|
        look = laid(white: white)
        told[film] = {contrast: look.contrast, rings: look.hard_to_read.map { |hard| ring(hard) }}
        [film, png(look.picture)]
      end
      {bare: png(bare.picture), **pictures, told: told, light: ground&.finding}
    end

    private

    def per_mm = @most_px / [@box.width, @box.height].max

    def size = [(@box.width * per_mm).round, (@box.height * per_mm).round]

    # without a photo what lies beyond the piece is clear
    def png(image) = (@photo ? image : image.bandjoin(inside)).pngsave_buffer(compression: 2)

    def inside
      @inside ||= begin
        path = @shape.curved? ? @shape.front_outline : @shape.path
        painted = UpClose::Graphics::Painted.new(path: path, fill: UpClose::Colour::BLACK, even_odd: true)
        mask = UpClose::Formats::SVG::Raster.call(UpClose::Artwork::Drawing.new([painted]), frame: @box, scale: per_mm)
        wide, high = size
        mask[0].invert.embed(0, 0, wide, high)
      end
    end

    def ring(hard) = [*hard.box.to_a.zip([@box.x, @box.y, 0, 0]).map(&:sum), hard.ratio]

    # @return [UpClose::Artwork::PieceGround, nil]
    def ground
      return unless @photo
      @ground ||= UpClose::Artwork::PieceGround.new(straightened, typed: @colour, white: @white && white_px)
    end

    def white_px
      x, y, wide, high = [@white.x - @box.x, @white.y - @box.y, @white.width, @white.height].map { |mm| mm * per_mm }
      UpClose::Geometry::Box.new(
        x: x.clamp(0, size[0] - 2), y: y.clamp(0, size[1] - 2), width: wide.clamp(1, size[0] - x.clamp(0, size[0] - 2)),
        height: high.clamp(1, size[1] - y.clamp(0, size[1] - 2))
      )
    end

    # a photo is read no finer than it is shown
    def straightened
      read = Vips::Image.thumbnail_buffer(@photo.bytes, (READ * @most_px).round, size: :down)
      shrink = read.width / full_width.to_f
      there = UpClose::Geometry::Box.new(
        x: @box.x + @origin.x, y: @box.y + @origin.y, width: @box.width, height: @box.height
      )
      UpClose::Artwork::StraightenedPhoto.call(flat(read), Shrunk.new(@plane, shrink), there, most_px: @most_px)
    end

    # the photo's plane, on a smaller picture of it
    Shrunk = Struct.new(:plane, :shrink) do
      def photo(point) = plane.photo(point) * shrink
    end

    def full_width
      header = Vips::Image.new_from_buffer(@photo.bytes, "")
      turned = header.get_typeof("orientation").positive? && header.get("orientation").between?(5, 8)
      turned ? header.height : header.width
    end

    def flat(image)
      image = image.flatten(background: 255) if image.has_alpha?
      image.colourspace(:srgb).cast(:uchar)
    end

    def bare
      @bare ||= begin
        image = ground ? ground.reflectance : even
        UpClose::Artwork::PieceLook.new(image, per_mm: per_mm)
      end
    end

    def even
      plain = Vips::Image.black(*size, bands: 3) + @colour.reflectance
      UpClose::Graphics::Pixels.held(plain.cast(:float))
    end

    def laid(white:)
      @parts.reduce(bare) do |look, part|
        # what was laid before is no longer wanted, and a worker's memory is bounded
        look.with(ink(part), film: (white && part.film) ? film(part) : nil).tap { GC.start(full_mark: false) }
      end
    end

    # what lies nearest to the eye of each place of the picture
    def ink(part)
      (@inks ||= {})[part] ||= UpClose::Graphics::Pixels.held(
        on_picture(inked(part), part, background: 1.0).cast(:float)
      )
    end

    # the artwork alone in linear light, its ink's box from edge to edge
    def inked(part)
      width = part.placement.width_mm
      proof = UpClose::Artwork::SizedRaster.new(part.drawn.artwork, width_mm: width, per_mm: per_mm)
      margin = UpClose::Artwork::SizedRaster::MARGIN
      image = proof.image
      image = image.crop(margin, margin, image.width - 2 * margin, image.height - 2 * margin)
      ((image.bands < 3) ? image.colourspace(:srgb) : image).colourspace(:scrgb)
    end

    def film(part)
      (@films ||= {})[part] ||= begin
        # a whole number of pixels about the mark's middle, as far as its film reaches
        reach = (part.film.box.corners.flat_map { |p| [p.x.abs, p.y.abs] }.max * per_mm).ceil / per_mm
        frame = UpClose::Geometry::Box.new(x: -reach, y: -reach, width: 2 * reach, height: 2 * reach)
        drawing = UpClose::Artwork::Drawing.new([
          UpClose::Graphics::Painted.new(path: part.film, fill: UpClose::Colour::BLACK, even_odd: true)
        ])
        mask = UpClose::Formats::SVG::Raster.call(drawing, frame: frame, scale: per_mm)[0]
        placed = on_picture(mask.linear(-1 / 255.0, 1), part, background: 0.0, across_mm: 2 * reach)
        UpClose::Graphics::Pixels.held(placed.cast(:float))
      end
    end

    # each pixel of the picture asks where it lies on the mark, round the curve where there is one
    # @param across_mm [Float] what the image measures from side to side
    def on_picture(image, part, background:, across_mm: part.placement.width_mm)
      index = places(part, image.width / across_mm, image)
      image.cast(:float).mapim(
        index, interpolate: Vips::Interpolate.new(:bilinear), extend: :background,
        background: [background] * image.bands
      )
    end

    def places(part, px_per_mm, image)
      return flat_places(part, px_per_mm, image) unless @shape.curved?
      curved_places(part, px_per_mm, image)
    end

    def flat_places(part, px_per_mm, image)
      placement = part.placement
      xyz = Vips::Image.xyz(*size)
      x = xyz[0] / per_mm + (@box.x - placement.x_mm)
      y = xyz[1] / per_mm + (@box.y - placement.y_mm)
      angle = -placement.turn_deg * Math::PI / 180
      u = x * Math.cos(angle) - y * Math.sin(angle)
      v = x * Math.sin(angle) + y * Math.cos(angle)
      (u * px_per_mm + image.width / 2.0).bandjoin(v * px_per_mm + image.height / 2.0)
    end

    GRID = 3
    AWAY = [-1e6, -1e6].freeze

    # the shape is asked on a grid; between its places is drawn straight
    def curved_places(part, px_per_mm, image)
      wide, high = size
      columns, rows = wide / GRID + 2, high / GRID + 2
      values = (0...rows).flat_map do |j|
        (0...columns).flat_map { |i| source(part, i * GRID, j * GRID, px_per_mm, image) }
      end
      grid = Vips::Image.new_from_memory(values.pack("e*"), columns, rows, 2, :float)
      grid.affine([GRID, 0, 0, GRID], oarea: [0, 0, wide, high], interpolate: Vips::Interpolate.new(:bilinear))
    end

    def source(part, x, y, px_per_mm, image)
      seen = UpClose::Geometry::Point[x / per_mm + @box.x, y / per_mm + @box.y]
      on = @shape.on_mark(seen, part.placement.centre) or return AWAY
      back = UpClose::Geometry::Transform.turn(-part.placement.turn_deg).apply(on)
      [back.x * px_per_mm + image.width / 2.0, back.y * px_per_mm + image.height / 2.0]
    end
  end
end
