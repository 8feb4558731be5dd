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

        # @param tag [String]  @param at [#[]] attribute name → String or nil
        # @return [Geometry::Path]
        def path(tag, at) = (tag == "path") ? PathData.read(at["d"]) : send(tag, at)

        private

        def x(text) = @lengths.read(text, :across)

        def y(text) = @lengths.read(text, :down)

        def rect(at)
          box = Geometry::Box.new(x: x(at["x"]), y: y(at["y"]), width: x(at["width"]), height: y(at["height"]))
          return Geometry::Path::EMPTY if box.empty?
          rx, ry = at["rx"] && x(at["rx"]), at["ry"] && y(at["ry"])
          Geometry::Shapes.rounded_rectangle(
            box,
            [rx || ry || 0, box.width / 2].min,
            [ry || rx || 0, box.height / 2].min
          )
        end

        def circle(at) = oval(x(at["cx"]), y(at["cy"]), @lengths.read(at["r"], :diagonal), nil)

        def ellipse(at) = oval(x(at["cx"]), y(at["cy"]), x(at["rx"]), y(at["ry"]))

        def oval(cx, cy, rx, ry)
          (rx <= 0 || (ry || rx) <= 0) ? Geometry::Path::EMPTY : Geometry::Shapes.ellipse(cx, cy, rx, ry || rx)
        end

        def line(at)
          Geometry::Path.new([
            [:move, Geometry::Point.new(x(at["x1"]), y(at["y1"]))],
            [:line, Geometry::Point.new(x(at["x2"]), y(at["y2"]))]
          ])
        end

        def polyline(at) = Geometry::Path.new(points(at).each_with_index.map { |p, i| [i.zero? ? :move : :line, p] })

        def polygon(at) = points(at).empty? ? Geometry::Path::EMPTY : Geometry::Path.polygon(points(at))

        def points(at)
          at["points"].to_s.scan(PathData::NUMBER).each_slice(2).select { |pair| pair.size == 2 }.map do |px, py|
            Geometry::Point.new(px.to_f, py.to_f)
          end
        end
      end
    end
  end
end
