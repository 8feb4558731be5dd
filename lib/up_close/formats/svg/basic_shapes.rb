# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # The basic shapes (SVG 1.1, 9) as paths.
      class BasicShapes
        TAGS = %w[path rect circle ellipse line polyline polygon].freeze

        # @param lengths [Lengths]
        def initialize(lengths)
          @lengths = lengths
        end

        # @param tag [String]  @param values [#[]] attribute name → String or nil
        # @return [Geometry::Path]
        def path(tag, values) = (tag == "path") ? PathData.read(values["d"]) : send(tag, values)

        private

        def x(text) = @lengths.read(text, :across)

        def y(text) = @lengths.read(text, :down)

        def rect(values)
          box = Geometry::Box.new(
            x: x(values["x"]), y: y(values["y"]), width: x(values["width"]), height: y(values["height"])
          )
          return Geometry::Path::EMPTY if box.empty?
          rx, ry = values["rx"] && x(values["rx"]), values["ry"] && y(values["ry"])
          Geometry::Shapes.rounded_rectangle(
            box,
            [rx || ry || 0, box.width / 2].min,
            [ry || rx || 0, box.height / 2].min
          )
        end

        def circle(values) = oval(x(values["cx"]), y(values["cy"]), @lengths.read(values["r"], :diagonal), nil)

        def ellipse(values) = oval(x(values["cx"]), y(values["cy"]), x(values["rx"]), y(values["ry"]))

        def oval(cx, cy, rx, ry)
          (rx <= 0 || (ry || rx) <= 0) ? Geometry::Path::EMPTY : Geometry::Shapes.ellipse(cx, cy, rx, ry || rx)
        end

        def line(values)
          Geometry::Path.new([
            [:move, Geometry::Point.new(x(values["x1"]), y(values["y1"]))],
            [:line, Geometry::Point.new(x(values["x2"]), y(values["y2"]))]
          ])
        end

        def polyline(values)
          Geometry::Path.new(points(values).each_with_index.map { |point, i| [i.zero? ? :move : :line, point] })
        end

        def polygon(values) = points(values).empty? ? Geometry::Path::EMPTY : Geometry::Path.polygon(points(values))

        def points(values)
          PathData.numbers(values["points"]).each_slice(2).select { |pair| pair.size == 2 }
            .map { |x, y| Geometry::Point.new(x, y) }
        end
      end
    end
  end
end
