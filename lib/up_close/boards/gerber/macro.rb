# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # An aperture macro: primitives laid one over the other, some of them taking away (4.5).
      class Macro
        MOST_PRIMITIVES = 5_000

        # @param words [Array<String>] its statements
        def initialize(words)
          raise Errors::BadBoard.new("An aperture macro is too long.") if words.size > MOST_PRIMITIVES
          @words = words
        end

        # @param parameters [Array<Float>] $1, $2 …  @param unit_mm [Float]
        # @return [Array<Array<Array<Float>>>] polygons about the origin, mm
        def polygons(parameters, unit_mm)
          values = parameters.each_with_index.to_h { |value, i| [i + 1, value] }
          laid = laid(values)
          shape = laid.slice_when { |one, other| one.first != other.first }.reduce(nil) do |whole, run|
            part = Assembly.union(run.flat_map(&:last))
            next (run.first.first ? part : nil) unless whole
            run.first.first ? whole + part : whole - part
          end
          shape ? Outlines.mapped(Assembly.polygons(shape), Geometry::Transform.scale(unit_mm)) : []
        end

        private

        # @return [Array<Array(Boolean, Array)>] whether it adds, and its polygons
        def laid(values)
          @words.filter_map do |word|
            if (set = word.match(/\A\$(\d+)=(.*)\z/m))
              values[set[1].to_i] = Expression.value(set[2], values)
              next
            end
            next if word.start_with?("0")
            code, *rest = word.split(",").map { |part| Expression.value(part, values) }
            Primitives.call(code.to_i, rest)
          end
        end
      end
    end
  end
end
