# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Reads a transform attribute.
      module Transforms
        NEEDS = {"matrix" => [6], "translate" => [1, 2], "scale" => [1, 2], "rotate" => [1, 3], "skewx" => [1], "skewy" => [1]}.freeze

        module_function

        # @return [Geometry::Transform]
        def read(text)
          text.to_s.scan(/(\w+)\s*\(([^)]*)\)/).reverse.reduce(Geometry::Transform::IDENTITY) do |map, (name, body)|
            numbers = body.scan(PathData::NUMBER).map(&:to_f)
            NEEDS[name.downcase]&.include?(numbers.size) ? map.then(send(name.downcase, *numbers)) : map
          end
        end

        def matrix(*numbers) = Geometry::Transform.new(*numbers)

        def translate(x, y = 0) = Geometry::Transform.move(x, y)

        def scale(x, y = x) = Geometry::Transform.scale(x, y)

        def rotate(angle, x = 0, y = 0)
          Geometry::Transform.move(-x, -y).then(Geometry::Transform.turn(angle)).then(Geometry::Transform.move(x, y))
        end

        def skewx(angle) = Geometry::Transform.new(1, 0, Math.tan(angle * Math::PI / 180), 1, 0, 0)

        def skewy(angle) = Geometry::Transform.new(1, Math.tan(angle * Math::PI / 180), 0, 1, 0, 0)
      end
    end
  end
end
