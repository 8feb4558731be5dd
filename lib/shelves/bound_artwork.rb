# frozen_string_literal: true

require "shelves/drawn_artwork"

module Shelves
  # Several artworks printed as one, each where it lies from the first: lines stay lines, pictures pictures. A value
  # that a worker is sent. Its units are millimetres.
  class BoundArtwork
    # one of them: DrawnArtwork, its ink, and where it lies
    Part = Struct.new(:drawn, :ink, :placement) do
      def placed = UpClose::Placing::PlacedInk.new(ink, placement)
    end

    attr_reader :parts

    # @param parts [Array<Part>]
    def initialize(parts)
      @parts = parts
    end

    # @see UpClose::Identity
    def identity = parts

    # @return [UpClose::Artwork::Ink] of all of them
    def ink
      hull = UpClose::Geometry::Algorithms::ConvexHull.call(parts.flat_map { |part| part.placed.hull })
      box = UpClose::Geometry::Box.around(hull)
      UpClose::Artwork::Ink.new(box: box, hull: hull, centroid: box.centre, rows: [box.to_a])
    end

    # @see DrawnArtwork#for_copy
    def for_copy(number)
      BoundArtwork.new(parts.map { |part| Part.new(part.drawn.for_copy(number), part.ink, part.placement) })
    end

    # Each part into its own box of the whole one's, mirrored and turned with it.
    # @param page [Object] a writer's page  @param ink [UpClose::Artwork::Ink] the whole one's
    # @param box [UpClose::Geometry::Box] on the page, before its turn about its middle
    def draw_on(page, ink:, box:, mirrored:, turn: 0)
      scale, side = box.width / ink.box.width, mirrored ? -1 : 1
      turned = UpClose::Geometry::Transform.turn(turn)
      parts.each do |part|
        off = (part.placement.centre - ink.box.centre) * scale
        middle = turned.apply(UpClose::Geometry::Point[off.x * side, off.y]) + box.centre
        part.drawn.draw_on(
          page, ink: part.ink, box: about(middle, part, scale), mirrored: mirrored,
          turn: turn + part.placement.turn_deg * side
        )
      end
    end

    # @see DrawnArtwork#cut
    def cut(line, width_mm, figures)
      Workers.drawing("cutting")
      scale = width_mm / ink.box.width
      asked = UpClose::Cutting::Asked.new(ink: ink, width_mm: width_mm, region: -> { region(scale) }, **figures)
      UpClose::Cutting::Lines.fetch(line).new(asked).call.to_h
    end

    private

    def about(middle, part, scale)
      width = part.placement.width_mm * scale
      height = width * part.ink.aspect
      UpClose::Geometry::Box.new(x: middle.x - width / 2, y: middle.y - height / 2, width: width, height: height)
    end

    # all ink, its box's top left the origin
    def region(scale)
      box = ink.box
      regions = parts.map do |part|
        placement, width = part.placement, part.placement.width_mm
        map = UpClose::Geometry::Transform.move(-width / 2, -width * part.ink.aspect / 2)
          .then(UpClose::Geometry::Transform.turn(placement.turn_deg))
          .then(UpClose::Geometry::Transform.move(placement.x_mm - box.x, placement.y_mm - box.y))
          .then(UpClose::Geometry::Transform.scale(scale))
        UpClose::Cutting::InkRegions.inked(part.drawn.artwork, width_mm: width).mapped_all(map)
      end
      UpClose::Geometry::Region.union(regions)
    end
  end
end
