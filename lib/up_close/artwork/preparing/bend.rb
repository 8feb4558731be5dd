# frozen_string_literal: true

module UpClose
  module Artwork
    module Preparing
      # Bends straight artwork onto the ring sector a tapered cup unrolls to, so
      # that its lines run level round the cup: across becomes along the arc,
      # up and down stays along the slant.
      module Bend
        KEY = "bend"
        LISTED = 110
        TITLE = "Bend to the cup"
        WORDS = "A straight line then runs level round a tapered piece."
        PARAMETERS = [Figure.new(:radius_mm, "arc radius; 0 uses the middle of the piece", 0.0, -5000.0..5000.0, " mm")]
          .freeze
        SIZED = ON_LINES = FOLLOWS_PIECE = true
        CHORD = 0.02

        # what it leaves lies elsewhere than it came
        MOVES = true

        module_function

        # @param figures [Hash{Symbol => Numeric}] by PARAMETERS  @param bench [Bench] scale and size
        # @return [Drawing, Picture]
        def call(artwork, figures, bench)
          radius = radius_mm(figures, bench) * bench.per_mm
          return artwork if radius.zero?
          artwork.vector? ? lines(artwork, radius, bench) : pixels(artwork, radius)
        end

        # the middle arc of the sector; its centre below gives a positive radius
        def radius_mm(figures, bench)
          return figures[:radius_mm] unless figures[:radius_mm].zero?
          sector = bench.shape.respond_to?(:unrolled) && bench.shape.unrolled
          sector.is_a?(Surfaces::Sector) ? sector.middle * sector.measures[:down] : 0.0
        end

        # x along the arc at the ink's middle, y towards the centre
        def map(point, middle, radius)
          angle = (point.x - middle.x) / radius
          out = radius - (point.y - middle.y)
          Geometry::Point[middle.x + out * Math.sin(angle), middle.y + radius - out * Math.cos(angle)]
        end

        # curves are cut fine, then each corner is carried over
        def lines(drawing, radius, bench)
          middle = bench.middle
          drawing.with_shapes do |shape|
            shape.with(path: bent(shape.path, middle, radius, CHORD * bench.per_mm))
          end
        end

        # @param path [Geometry::Path]
        # @param middle [Geometry::Point]
        # @param radius [Float] negative: bent the other way
        # @param chord [Float] how far a chord may leave the curve  @return [Geometry::Path]
        def bent(path, middle, radius, chord)
          step = Math.sqrt(8 * radius.abs * chord)
          commands = path.flatten(chord / 4).flat_map do |points, closed|
            fine = points.each_cons(2).flat_map { |p, q| between(p, q, step) } << points.last
            fine = between(points.last, points.first, step).unshift(*fine) if closed && points.first != points.last
            fine.each_with_index.map { |p, i|
              [i.zero? ? :move : :line, map(p, middle, radius)]
            } + (closed ? [[:close]] : [])
          end
          Geometry::Path.new(commands)
        end

        # @param step [Float]  @return [Array<Geometry::Point>] from +p+ on, no further apart than that
        def between(p, q, step)
          pieces = (p.distance(q) / step).ceil.clamp(1, 2000)
          Array.new(pieces) { |i| p + (q - p) * (i.to_f / pieces) }
        end

        # the inverse of +map+ for a whole image of places
        def sources(places, middle, radius, sign)
          across = places[0] - middle.x
          out_from = (places[1] - (middle.y + radius * sign)) * -sign
          out = (across**2 + out_from**2)**0.5
          # libvips' arctangent runs from 0 to 360
          angle = across.math2(out_from, :atan2)
          angle -= (angle > 180) / 255 * 360
          (angle * (Math::PI / 180 * radius) + middle.x).bandjoin((out * -1 + radius) * sign + middle.y)
        end

        # every place of the outcome asks where it came from
        def pixels(picture, radius)
          image, box = picture.image, picture.ink.box
          middle = box.centre
          frame = Geometry::Box
            .around(box.corners.flat_map { |p| [p, Geometry::Point[middle.x, p.y]] }.map { |p| map(p, middle, radius) })
            .grown(2)
          from = sources(
            Vips::Image.xyz(frame.width.ceil, frame.height.ceil) + [frame.x, frame.y],
            middle,
            radius.abs,
            (radius < 0) ? -1 : 1
          )
          Picture.made(image.mapim(from, extend: :background, background: [255] * image.bands).cast(:uchar))
        end
      end
    end
  end
end
