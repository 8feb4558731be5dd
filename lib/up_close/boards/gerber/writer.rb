# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Writes a region as a Gerber file: contours in millimetres with six decimals, holes cleared again.
      module Writer
        SCALE = 1_000_000

        module_function

        # @param region [Geometry::Region] mm, y downwards
        # @param function [Array<String>] its .FileFunction: ["Copper", "L1", "Top"]
        # @return [String]
        def call(region, function: [])
          [
            ("%TF.FileFunction,#{function.join(",")}*%" if function.any?), "%TF.Part,Single*%", "%FSLAX46Y46*%",
            "%MOMM*%", "%LPD*%", "G01*", *contours(region), "M02*", ""
          ].compact.join("\n")
        end

        # what lies within a hole comes after it: the largest first
        # @return [Array<String>]
        def contours(region)
          now = "D"
          region.parts.sort_by { |part| -part.box.width * part.box.height }.flat_map do |part|
            part.rings.each_with_index.flat_map do |ring, i|
              before, now = now, (i.zero? ? "D" : "C")
              [("%LP#{now}*%" unless now == before), *contour(ring)].compact
            end
          end
        end

        # @param ring [Array<Array(Float, Float)>]  @return [Array<String>] commands
        def contour(ring)
          first, *rest = ring
          ["G36*", "#{place(first)}D02*", *rest.map { |point| "#{place(point)}D01*" }, "#{place(first)}D01*", "G37*"]
        end

        # @return [String] coordinates of a place, y upwards
        def place((x, y)) = "X#{(x * SCALE).round}Y#{(-y * SCALE).round}"
      end
    end
  end
end
