# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # What a Gerber file draws. Frozen but for what it has worked out.
      class Image
        # what was drawn; its file attributes, such as "FileFunction" => ["Copper", "L1", "Top"]
        attr_reader :objects, :attributes

        # @param objects [Array<GraphicObject>] in their order  @param attributes [Hash{String => Array<String>}]
        def initialize(objects, attributes)
          @objects, @attributes = objects, attributes
        end

        # what is left when everything is laid over what came before it
        # @return [Geometry::Region] mm, y downwards
        def region
          @region ||= objects.slice_when { |one, other| one.dark != other.dark }
            .reduce(Assembly.union([])) do |whole, run|
              run.first.dark ? whole + covered(run) : whole - covered(run)
            end
        end

        # the middle lines of all draws
        # @return [Array<Array<Array(Float, Float)>>] points, mm, y downwards
        def lines = objects.filter_map { |object| object.line&.each_slice(2)&.map { |x, y| [x, -y] } }

        # @param kind [Symbol] :flash, :draw or :region  @return [Integer]
        def count(kind) = objects.count { |object| object.kind == kind }

        private

        # @return [Geometry::Region]
        def covered(run)
          drawn, others = run.partition { |object| object.line && object.polygons.empty? }
          dots, lines = drawn.reject { |object| object.width.zero? }.partition { |object| dot?(object.line) }
          polygons = others.flat_map(&:polygons) + dots.map { |object| circle(object) }
          Assembly.union(polygons, chains(lines).map { |line, width| Assembly.stroke(line, width) })
        end

        # draws that go on where the one before ended, as one line: far less is to be joined
        # @return [Array<Array(Array<Float>, Float)>] each line and its width
        def chains(draws)
          draws.slice_when { |one, other| one.width != other.width || one.line.last(2) != other.line.first(2) }
            .map { |chain|
            [chain.reduce([]) { |line, draw| line.concat(line.empty? ? draw.line : draw.line.drop(2)) },
              chain.first.width]
          }
        end

        def dot?(line) = line.each_slice(2).uniq.size == 1

        def circle(dot) = [Outlines.circle(*dot.line.first(2), dot.width / 2)]
      end
    end
  end
end
