# frozen_string_literal: true

require "digest"

module UpClose
  module Formats
    module SVG
      # Writes a drawing's painted paths as SVG elements.
      module Painting
        module_function

        # @param map [Geometry::Transform] applied to paths and strokes alike
        # @return [String]
        def call(drawing, map: Geometry::Transform::IDENTITY, places: 5)
          painted = drawing.shapes.map { |shape|
            %(<path d="#{PathWriter.call(shape.path.transform(map), places: places)}"#{paint(shape, map.mean_scale)}/>)
          }.join
          drawing.clip ? clipped(painted, PathWriter.call(drawing.clip.transform(map), places: places)) : painted
        end

        # @param painted [String]  @param outline [String] path data  @return [String]
        def clipped(painted, outline)
          name = "clip-#{Digest::SHA256.hexdigest(outline)[0, 12]}"
          %(<clipPath id="#{name}"><path d="#{outline}" clip-rule="evenodd"/></clipPath>) +
            %(<g clip-path="url(##{name})">#{painted}</g>)
        end

        # @param shape [Graphics::Painted]  @param scale [Float] of its stroke  @return [String] attributes
        def paint(shape, scale) = fill(shape) + stroke(shape, scale)

        # @param shape [Graphics::Painted]  @return [String] attributes
        def fill(shape)
          return ' fill="none"' unless shape.fill
          rule = ' fill-rule="evenodd"' if shape.even_odd
          %( fill="#{shape.fill.to_hex}"#{alpha("fill", shape.fill_alpha)}#{rule})
        end

        # @param shape [Graphics::Painted]  @param scale [Float]  @return [String] attributes
        def stroke(shape, scale)
          return "" unless shape.stroke
          width = PathWriter.number(shape.stroke_width * scale, 6)
          ends = %(stroke-linecap="#{shape.cap}" stroke-linejoin="#{shape.join}" stroke-miterlimit="#{shape.miter}")
          %( stroke="#{shape.stroke.to_hex}" stroke-width="#{width}" #{ends}#{alpha("stroke", shape.stroke_alpha)})
        end

        # @param name [String] fill or stroke  @param value [Float] 0..1  @return [String]
        def alpha(name, value) = (value < 1) ? %( #{name}-opacity="#{value.round(4)}") : ""
      end
    end
  end
end
