# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # Puts paths on a Prawn page: mm from the top left in, points out.
      class Canvas
        POINT = 72 / 25.4

        def initialize(document, height_mm)
          @document, @height = document, height_mm
        end

        # @param point [Geometry::Point] mm, y down  @return [Array(Float, Float)] points, y up
        def xy(point) = [point.x * POINT, (@height - point.y) * POINT]

        # @param painted [Graphics::Painted]  @param map [Geometry::Transform] to page mm
        def paint(painted, map)
          return solid(painted, map) if painted.fill_alpha >= 1 && painted.stroke_alpha >= 1
          @document.transparent(painted.fill_alpha, painted.stroke_alpha) { solid(painted, map) }
        end

        # what is painted inside is seen inside the outline alone
        # @param outline [Geometry::Path] page mm, even-odd
        def inside(outline)
          @document.save_graphics_state do
            trace(outline)
            @document.renderer.add_content("W* n")
            yield
          end
        end

        # @param path [Geometry::Path] page mm
        def trace(path)
          path.commands.each do |verb, *points|
            case verb
            when :move then @document.move_to(xy(points[0]))
            when :line then @document.line_to(xy(points[0]))
            when :curve then @document.curve_to(xy(points[2]), bounds: [xy(points[0]), xy(points[1])])
            when :close then @document.close_path
            end
          end
        end

        # @param colour [Colour]  @return [String]
        def hex(colour) = colour.to_hex.delete_prefix("#")

        private

        # paint is chosen before the path is begun: nothing may stand between path and painting
        def solid(painted, map)
          @document.fill_color(hex(painted.fill)) if painted.fill
          stroke_style(painted, map.mean_scale) if painted.stroke
          trace(painted.path.transform(map))
          finish(painted)
        end

        def stroke_style(painted, scale)
          @document.stroke_color(hex(painted.stroke))
          @document.line_width = painted.stroke_width * scale * POINT
          @document.cap_style = {butt: :butt, round: :round, square: :projecting_square}[painted.cap]
          @document.join_style = painted.join
          @document.renderer.add_content("#{painted.miter} M")
        end

        def finish(painted)
          return @document.stroke unless painted.fill
          rule = painted.even_odd ? {fill_rule: :even_odd} : {}
          painted.stroke ? @document.fill_and_stroke(**rule) : @document.fill(**rule)
        end
      end
    end
  end
end
