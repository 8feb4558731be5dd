# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Outlines at exact size: hairlines to cut or draw along, mm.
      module OutlineWriter
        LINE_MM = 0.1
        MARGIN_MM = 2.0

        module_function

        # @param layers [Hash{String => Array<Geometry::Path>}]
        # @return [String]
        def call(layers)
          box = layers.values.flatten.filter_map(&:box).reduce(:union).grown(MARGIN_MM)
          sides = %(width="#{number(box.width)}mm" height="#{number(box.height)}mm")
          view = box.to_a.map { |v| number(v) }.join(" ")
          <<~SVG
            <svg xmlns="http://www.w3.org/2000/svg" #{sides} viewBox="#{view}">
            <g fill="none" stroke="#000" stroke-width="#{LINE_MM}">#{layers.map { |name, of| layer(name, of) }.join}</g>
            </svg>
          SVG
        end

        # @param paths [Array<Geometry::Path>] mm  @return [String] a group
        def layer(name, paths)
          lines = paths.map { |path| %(<path d="#{PathWriter.call(path, places: 4)}"/>) }
          %(<g id="#{name.downcase}">#{lines.join}</g>)
        end

        # @param value [Numeric]  @return [String]
        def number(value) = PathWriter.number(value, 4)
      end
    end
  end
end
