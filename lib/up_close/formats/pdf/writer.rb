# frozen_string_literal: true

require "prawn"

module UpClose
  module Formats
    module PDF
      # Writes pages as PDF at exact size. A drawing stays lines and curves and is
      # stored once, however many copies stand on the sheets; so is a picture.
      class Writer
        POINT = Canvas::POINT
        INFO = {Creator: "Up Close", Producer: "Up Close"}.freeze

        # @param pages [Array<Printing::Page>]
        # @param fonts [Hash{Symbol => String}] :regular and :bold, paths of TTF files
        # @param title [String]
        def initialize(pages, fonts:, title:)
          @pages, @fonts, @title = pages, fonts, title
          @stamps = {}
          @images = {}
        end

        # @return [String] the file
        def call
          @document = Prawn::Document.new(
            skip_page_creation: true,
            margin: 0,
            compress: true,
            info: INFO.merge(Title: @title)
          )
          @document.font_families.update("Up Close" => {normal: @fonts[:regular], bold: @fonts[:bold]})
          actual_size
          @pages.each { |page| write(page) }
          @document.render
        end

        # double dispatch from Printing::Items

        # @param box [Geometry::Box] mm on the page  @param turn [Numeric] degrees clockwise
        def drawing(drawing, ink:, box:, mirrored:, turn: 0)
          name = @stamps[[drawing, box.width, mirrored]] ||= stamp(drawing, ink, box, mirrored)
          at(box, turn: turn) { @document.stamp(name) }
          unclipped(name, box)
        end

        # @param box [Geometry::Box] mm on the page  @param turn [Numeric] degrees clockwise
        def picture(picture, ink:, box:, mirrored:, turn: 0)
          name = @images[picture] ||= ["Picture#{@images.size + 1}", PictureObject.call(@document, picture.print_png)]
          @document.page.xobjects[name[0].to_sym] = name[1]
          at(box, flip: mirrored, turn: turn) do
            @document.renderer.add_content("q #{real(box.width)} 0 0 #{real(box.height)} 0 0 cm /#{name[0]} Do Q")
          end
        end

        # @param box [Geometry::Box] mm
        def block(box, colour = Colour::BLACK)
          @document.fill_color(colour.to_hex.delete_prefix("#"))
          @document.fill_rectangle([box.x * POINT, (@height - box.y) * POINT], box.width * POINT, box.height * POINT)
        end

        # @param box [Geometry::Box] mm; what the block draws is seen inside it alone
        def window(box)
          @document.save_graphics_state do
            @document.renderer
              .add_content("#{real(box.x)} #{real(@height - box.bottom)} #{real(box.width)} #{real(box.height)} re W n")
            yield
          end
        end

        # @param item [Printing::Items::Text]
        def text(item)
          @document.fill_color("000000")
          @document.font("Up Close", style: item.bold ? :bold : :normal)
          @document.draw_text(
            item.words,
            at: [item.x * POINT, (@height - item.y) * POINT],
            size: item.size * POINT / 0.668
          )
        end

        # @param item [Printing::Items::Line]
        def line(item)
          @document.stroke_color(item.colour.to_hex.delete_prefix("#"))
          @document.line_width = item.width * POINT
          canvas = Canvas.new(@document, @height)
          item.points.each_cons(2) { |p, q| @document.stroke_line(canvas.xy(p), canvas.xy(q)) }
        end

        private

        # readers that heed it leave the page at 100 %
        def actual_size = @document.state.store.root.data[:ViewerPreferences] = {PrintScaling: :None}

        def write(page)
          @height = page.paper.height_mm
          @document.start_new_page(size: [page.paper.width_mm * POINT, @height * POINT], margin: 0)
          return page.items.each { |item| item.draw_on(self) } if page.map == Geometry::Transform::IDENTITY
          @document.transformation_matrix(*upwards(page.map)) { page.items.each { |item| item.draw_on(self) } }
        end

        # a map of millimetres downwards, as one of points upwards
        def upwards(m) = [m.a, -m.b, -m.c, m.d, (m.c * @height + m.e) * POINT, (@height - m.d * @height - m.f) * POINT]

        # lower left corner of the box as origin, mirrored about its middle when asked, and turned about it
        def at(box, turn:, flip: false, &block)
          angle = -turn * Math::PI / 180
          cos, sin = [Math.cos(angle), Math.sin(angle)].map { |v| (v.abs < Tolerance::ZERO) ? 0.0 : v }
          side = flip ? -1 : 1
          left, down = -side * box.width * POINT / 2, -box.height * POINT / 2
          x, y = box.centre.x * POINT, (@height - box.centre.y) * POINT
          @document.transformation_matrix(
            cos * side,
            sin * side,
            -sin,
            cos,
            x + cos * left - sin * down,
            y + sin * left + cos * down,
            &block
          )
        end

        def stamp(drawing, ink, box, mirrored)
          name = "mark-#{@stamps.size + 1}"
          target = Geometry::Box.new(x: 0, y: 0, width: box.width, height: box.height)
          map = Map.call(ink.box, target, mirrored: mirrored)
          canvas = Canvas.new(@document, box.height)
          @document.create_stamp(name) { painted(drawing, canvas, map) }
          name
        end

        def painted(drawing, canvas, map)
          paint = -> { drawing.shapes.each { |shape| canvas.paint(shape, map) } }
          drawing.clip ? canvas.inside(drawing.clip.transform(map), &paint) : paint.call
        end

        # Prawn clips a stamp to the page it is made on; a mark in tiles is larger than that
        def unclipped(name, box)
          stamp = @document.page.xobjects["Stamp#{@stamps.values.index(name) + 1}"]
          stamp.data[:BBox] = [
            0,
            0,
            [stamp.data[:BBox][2], box.width * POINT].max,
            [stamp.data[:BBox][3], box.height * POINT].max
          ]
        end

        def real(length_mm) = ::PDF::Core.real(length_mm * POINT)
      end
    end
  end
end
