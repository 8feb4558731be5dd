# frozen_string_literal: true

require "ffi-geos"

module UpClose
  module Boards
    module Gerber
      # Polygons of plain numbers to and from GEOS. Here y turns over: a Gerber file counts upwards, the rest of
      # the core downwards.
      module Assembly
        LINE = 2
        MULTI_POLYGON = 6

        module_function

        # @param polygons [Array<Array<Array<Float>>>] as Outlines has them, any of them overlapping
        # @param regions [Array<Geometry::Region>] more of it, turned over already
        # @return [Geometry::Region] all of them together, y downwards
        def union(polygons, regions = [])
          shape = Geos::WkbReader.new.read(wkb(polygons))
          return Geometry::Region.new(shape.unary_union) if regions.empty?
          all = [shape, *regions.map { |region| region.shape.clone }]
          Geometry::Region.new(Geos.create_geometry_collection(all).unary_union)
        rescue Geos::GEOSException
          raise Errors::BadBoard.new("Some of its shapes cross themselves, and cannot be put together.")
        end

        # What a round pen draws along a line: its sides lie exactly half its width off the line.
        # @param line [Array<Float>] x, y, x, y …, y upwards  @param width [Float] mm
        # @return [Geometry::Region] y downwards
        def stroke(line, width)
          shape = Geos::WkbReader.new.read([1, LINE, line.size / 2].pack("CVV") + turned(line).pack("E*"))
          Geometry::Region.new(shape.buffer(width / 2, quad_segs: Outlines.corners(width / 2) / 4))
        end

        # A contour as drawn in a region statement; one that touches or crosses itself is put right first.
        # @param ring [Array<Float>]  @return [Array<Array<Array<Float>>>] polygons, y upwards
        def contour(ring)
          shape = Geos::WkbReader.new.read(wkb([[ring]]))
          return [[ring]] if shape.valid?
          # what is left over of lines goes: an empty buffer keeps areas only
          Geometry::Region.new(shape.make_valid.buffer(0)).parts.map { |part| flat(part) }
        rescue Geos::Error
          []
        end

        # @param region [Geometry::Region]  @return [Array<Array<Array<Float>>>] polygons, y upwards
        def polygons(region) = region.parts.map { |part| flat(part) }

        # @param part [Geometry::Region] of one polygon
        def flat(part) = part.rings.map { |ring| ring.flat_map { |x, y| [x, -y] } }

        # well-known binary (ISO 19125-1, 7.4) of a multipolygon
        def wkb(polygons)
          parts = polygons.map do |rings|
            [1, Geometry::Wkb::POLYGON, rings.size].pack("CVV") + rings.map { |ring| closed(ring) }.join
          end
          [1, MULTI_POLYGON, polygons.size].pack("CVV") + parts.join
        end

        # @return [String] a ring as it stands in well-known binary
        def closed(ring)
          points = turned(ring)
          [ring.size / 2 + 1].pack("V") + points.push(points[0], points[1]).pack("E*")
        end

        # y the other way up
        def turned(points)
          out = points.dup
          i = 1
          while i < out.size
            out[i] = -out[i]
            i += 2
          end
          out
        end
      end
    end
  end
end
