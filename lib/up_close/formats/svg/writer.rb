# frozen_string_literal: true

require "rexml/text"

module UpClose
  module Formats
    module SVG
      # Writes one page as SVG at exact size: user units are millimetres. Words go
      # in as outlines, so that the file needs no font.
      class Writer
        # @param page [Printing::Page]
        # @param faces [Hash{Symbol => #line, #has?, #cap_height}] faces, :regular and :bold
        # @param title [String]
        def initialize(page, faces:, title:)
          @page, @faces, @title = page, faces, title
        end

        # @return [String] the file
        def call
          @definitions, @body, @names = [], [], {}
          @page.items.each { |item| item.draw_on(self) }
          paper = @page.paper
          width, height = n(paper.width_mm), n(paper.height_mm)
          <<~SVG
            <?xml version="1.0" encoding="UTF-8"?>
            <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"
              width="#{width}mm" height="#{height}mm" viewBox="0 0 #{width} #{height}">
            <title>#{REXML::Text.normalize(@title)}</title>
            <defs>#{@definitions.join("\n")}</defs>
            #{drawn(@page.map)}
            </svg>
          SVG
        end

        # double dispatch from Printing::Items

        # @param box [Geometry::Box] mm on the page  @param turn [Numeric] degrees clockwise
        def drawing(drawing, ink:, box:, mirrored:, turn: 0)
          place(box, turn, name(drawing, box, mirrored) {
            Painting.call(drawing, map: Map.call(ink.box, at_origin(box), mirrored: mirrored))
          })
        end

        # @param box [Geometry::Box] mm on the page  @param turn [Numeric] degrees clockwise
        def picture(picture, ink:, box:, mirrored:, turn: 0)
          place(box, turn, name(picture, box, mirrored) { image(picture, box, mirrored) })
        end

        # @param box [Geometry::Box] mm
        def block(box, colour = Colour::BLACK)
          @body << %(<rect #{sides(box)} fill="#{colour.to_hex}"/>)
        end

        # @param box [Geometry::Box] mm; what the block draws is seen inside it alone
        def window(box)
          outer, @body = @body, []
          yield
          name = "window-#{@definitions.size + 1}"
          @definitions << %(<clipPath id="#{name}"><rect #{sides(box)}/></clipPath>)
          @body = outer << %(<g clip-path="url(##{name})">#{@body.join("\n")}</g>)
        end

        # @param item [Printing::Items::Text]
        def text(item)
          face = @faces[item.bold ? :bold : :regular]
          words = item.words.chars.select { |c| face.has?(c) }.join
          path = face.line(words).transform(Geometry::Transform.scale(item.size / face.cap_height)
            .then(Geometry::Transform.move(item.x, item.y)))
          @body << %(<path aria-label="#{REXML::Text.normalize(item.words)}" d="#{PathWriter.call(path)}"/>)
        end

        # @param item [Printing::Items::Line]
        def line(item)
          points = item.points.map { |p| "#{n(p.x)},#{n(p.y)}" }.join(" ")
          @body <<
            %(<polyline points="#{points}" fill="none" stroke="#{item.colour.to_hex}" stroke-width="#{n(item.width)}"/>)
        end

        private

        def sides(box) = %(x="#{n(box.x)}" y="#{n(box.y)}" width="#{n(box.width)}" height="#{n(box.height)}")

        def drawn(map)
          return @body.join("\n") if map == Geometry::Transform::IDENTITY
          %(<g transform="matrix(#{map.to_a.map { |v| PathWriter.number(v, 8) }.join(" ")})">#{@body.join("\n")}</g>)
        end

        def n(value) = PathWriter.number(value, 5)

        def at_origin(box) = Geometry::Box.new(x: 0, y: 0, width: box.width, height: box.height)

        def name(artwork, box, mirrored)
          @names[[artwork, box.width, mirrored]] ||= "mark-#{@names.size + 1}".tap do |name|
            @definitions << %(<g id="#{name}">#{yield}</g>)
          end
        end

        def place(box, turn, name)
          turned = turn.zero? ? "" : %( transform="rotate(#{n(turn)} #{n(box.centre.x)} #{n(box.centre.y)})")
          @body << %(<use href="##{name}" xlink:href="##{name}" x="#{n(box.x)}" y="#{n(box.y)}"#{turned}/>)
        end

        def image(picture, box, mirrored)
          data = [picture.print_png].pack("m0")
          flip = mirrored ? %( transform="matrix(-1 0 0 1 #{n(box.width)} 0)") : ""
          sides = %(width="#{n(box.width)}" height="#{n(box.height)}" preserveAspectRatio="none"#{flip})
          %(<image #{sides} xlink:href="data:image/png;base64,#{data}"/>)
        end
      end
    end
  end
end
