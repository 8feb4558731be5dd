# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # The primitives of aperture macros (4.5.1), each turned about the macro's own origin.
      module Primitives
        NAMES = {
          1 => :circle, 2 => :line, 20 => :line, 21 => :centred, 22 => :cornered, 4 => :outline, 5 => :polygon,
          6 => :target, 7 => :thermal
        }.freeze

        module_function

        # @param code [Integer]  @param of [Array<Float>] its modifiers, in the file's unit
        # @return [Array(Boolean, Array), nil] whether it adds, and its polygons
        # @raise [Errors::BadBoard] for a code there is not
        def call(code, of)
          name = NAMES[code] or raise Errors::BadBoard.new("There is no aperture primitive #{code}.")
          send(name, *of)
        rescue ArgumentError
          raise Errors::BadBoard.new("An aperture primitive #{code} has too few or too many numbers.")
        end

        # fine enough whichever unit: a unit of inches is 25 times as coarse
        def round(x, y, radius) = Outlines.around(x, y, radius * Outlines.equal_area(180), 180)

        # @return [Array(Boolean, Array)] whether it adds, and its polygons; so do all that follow
        def circle(on, diameter, x = 0.0, y = 0.0, turn = 0.0) = [on != 0, turned([[round(x, y, diameter / 2)]], turn)]

        # 20: a bar from one place to another, its ends square
        def line(on, width, x0, y0, x1, y1, turn = 0.0)
          length = Math.hypot(x1 - x0, y1 - y0)
          return [on != 0, []] if length.zero?
          nx, ny = -(y1 - y0) / length * width / 2, (x1 - x0) / length * width / 2
          [on != 0, turned([[[x0 - nx, y0 - ny, x1 - nx, y1 - ny, x1 + nx, y1 + ny, x0 + nx, y0 + ny]]], turn)]
        end

        # 21: a rectangle by its middle
        def centred(on, width, height, x, y, turn = 0.0)
          [on != 0, turned([[Outlines.box(x - width / 2, y - height / 2, width, height)]], turn)]
        end

        # 22: a rectangle by its lower left corner
        def cornered(on, width, height, x, y, turn = 0.0)
          [on != 0, turned([[Outlines.box(x, y, width, height)]], turn)]
        end

        # 4: any polygon; its first corner is given again at its end
        def outline(on, count, *rest)
          points = rest.first(2 * count.to_i + 2)
          raise ArgumentError if points.size < 8
          [on != 0, turned(Assembly.contour(points[0..-3]), rest[2 * count.to_i + 2] || 0.0)]
        end

        # 5: a regular polygon
        def polygon(on, count, x, y, diameter, turn = 0.0)
          raise ArgumentError unless count.between?(3, 360)
          [on != 0, turned([[Outlines.around(x, y, diameter / 2, count.to_i)]], turn)]
        end

        # rings one inside the other, and a cross
        def target(x, y, outer, thick, gap, most, cross, length, turn = 0.0)
          rings = Array.new([most.to_i, 1000].min) { |i| outer / 2 - i * (thick + gap) }.select(&:positive?)
            .map { |radius| ring(x, y, radius, radius - thick) }
          bars = [[Outlines.box(x - length / 2, y - cross / 2, length, cross)],
            [Outlines.box(x - cross / 2, y - length / 2, cross, length)]]
          [true, turned(rings + bars, turn)]
        end

        # a ring cut by a cross
        def thermal(x, y, outer, inner, gap, turn = 0.0)
          ring = Assembly.union([ring(x, y, outer / 2, inner / 2)])
          cross = Assembly.union([[Outlines.box(x - outer, y - gap / 2, 2 * outer, gap)],
            [Outlines.box(x - gap / 2, y - outer, gap, 2 * outer)]])
          [true, turned(Assembly.polygons(ring - cross), turn)]
        end

        # @return [Array<Array<Float>>] its outline and, perhaps, its hole
        def ring(x, y, outer, inner)
          inner.positive? ? [round(x, y, outer), round(x, y, inner)] : [round(x, y, outer)]
        end

        # @param degrees [Float] anticlockwise, y upwards
        def turned(polygons, degrees)
          degrees.zero? ? polygons : Outlines.mapped(polygons, Geometry::Transform.turn(degrees))
        end
      end
    end
  end
end
