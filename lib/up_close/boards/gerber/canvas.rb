# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Objects as they are drawn: on the image itself, or in a block that is laid down later (4.10, 4.11).
      class Canvas
        MOST_OBJECTS = 300_000

        attr_reader :objects

        def initialize
          @objects = []
        end

        # @param object [GraphicObject]
        # @raise [Errors::BadBoard] over MOST_OBJECTS
        def add(object)
          raise Errors::BadBoard.new("This file draws over 300,000 things.") if objects.size >= MOST_OBJECTS
          objects << object
        end

        # its objects again, as a block aperture or a step
        # @param map [Geometry::Transform]  @param turned [Boolean] adding becomes taking away
        def lay_on(other, map, turned: false)
          objects.each { |object| other.add(object.mapped(map, turned: turned)) }
        end

        # @param columns [Integer]  @param rows [Integer]  @param dx [Float]  @param dy [Float] mm between copies
        def step_on(other, columns, rows, dx, dy)
          columns.times do |column|
            rows.times { |row| lay_on(other, Geometry::Transform.move(column * dx, row * dy)) }
          end
        end
      end
    end
  end
end
