# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Reads a transform attribute.
      module Transforms
        NEEDS = {
          "matrix" => [6],
          "translate" => [1, 2],
          "scale" => [1, 2],
          "rotate" => [1, 3],
          "skewx" => [1],
          "skewy" => [1]
        }.freeze

        module_function

        # @return [Geometry::Transform]
        def read(text)
          text.to_s.scan(/(\w+)\s*\(([^)]*)\)/).reverse.reduce(Geometry::Transform::IDENTITY) do |map, (name, body)|
            numbers = PathData.numbers(body)
            NEEDS[name.downcase]&.include?(numbers.size) ? map.then(send(name.downcase, *numbers)) : map
          end
        end

        ANGLES = {"deg" => 1.0, "rad" => 180 / Math::PI, "turn" => 360.0, "grad" => 0.9, "" => 1.0}.freeze
        CSS_NAMES = {"translatex" => "translate", "translatey" => "translate", "scalex" => "scale", "scaley" => "scale"}
          .freeze

        # As a style writes it (CSS Transforms 1): lengths and angles with their units.
        # @param lengths [Lengths]
        # @return [Geometry::Transform]
        def read_css(text, lengths)
          read(text.to_s.gsub(/(\w+)\s*\(([^)]*)\)/) {
            "#{CSS_NAMES.fetch($1.downcase, $1)}(#{plain($1.downcase, $2, lengths)})"
          })
        end

        # @param name [String] of a transform function  @param body [String] its arguments  @return [Array<Float>]
        def plain(name, body, lengths)
          values = body.split(/[\s,]+/).reject(&:empty?).map { |word| number(name, word, lengths) }
          case name
          when "translatey" then [0, *values]
          when "scalex" then [*values, 1]
          when "scaley" then [1, *values]
          else values
          end.join(" ")
        end

        # @return [Float] user units, or degrees
        def number(name, word, lengths)
          return lengths.read(word) if name.start_with?("translate")
          return word.to_f unless name.match?(/\A(rotate|skew)/)
          word.to_f * ANGLES.fetch(word[/[a-z]+\z/i].to_s.downcase, 1.0)
        end

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def matrix(*numbers) = Geometry::Transform.new(*numbers)

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def translate(x, y = 0) = Geometry::Transform.move(x, y)

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def scale(x, y = x) = Geometry::Transform.scale(x, y)

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def rotate(angle, x = 0, y = 0)
          Geometry::Transform.move(-x, -y).then(Geometry::Transform.turn(angle)).then(Geometry::Transform.move(x, y))
        end

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def skewx(angle) = Geometry::Transform.new(1, 0, Math.tan(angle * Math::PI / 180), 1, 0, 0)

        # @return [Geometry::Transform] (SVG 1.1, 7.6; angles in degrees)
        def skewy(angle) = Geometry::Transform.new(1, Math.tan(angle * Math::PI / 180), 0, 1, 0, 0)
      end
    end
  end
end
