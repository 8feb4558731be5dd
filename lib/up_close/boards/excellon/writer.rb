# frozen_string_literal: true

module UpClose
  module Boards
    module Excellon
      # Writes holes and slots as a drill file (XNC): millimetres with a point, one tool for each diameter.
      module Writer
        module_function

        # @param holes [Array<Hole>]  @return [String]
        def call(holes)
          tools = holes.group_by { |hole| hole.diameter_mm.round(4) }.sort.to_h
          header = tools.keys.each_with_index.map { |size, i| "T#{number(i)}C#{format("%.4f", size)}" }
          body = tools.values.each_with_index.map { |of, i| ["T#{number(i)}", *of.map { |hole| line(hole) }] }
          ["M48", "METRIC", *header, "%", "G05", *body.flatten, "M30", ""].join("\n")
        end

        # @return [String] of a tool: "01"
        def number(index) = format("%02d", index + 1)

        # @param hole [Hole]  @return [String] one command, or several lines of a route
        def line(hole)
          return place(hole.centre) unless hole.slot?
          first, *rest = hole.points
          return "#{place(first)}G85#{place(rest.first)}" if rest.size == 1
          ["G00#{place(first)}", "M15", *rest.map { |point| "G01#{place(point)}" }, "M16", "G05"].join("\n")
        end

        # @param point [Geometry::Point]  @return [String]
        def place(point) = format("X%.4fY%.4f", point.x, -point.y).gsub("-0.0000", "0.0000")
      end
    end
  end
end
