# frozen_string_literal: true

module UpClose
  module Printing
    # What can stand on a page. Lengths in mm from the page's top left. All
    # frozen; each says which of a page writer's verbs draws it.
    module Items
      # One copy of a mark: the artwork's ink, laid exactly into +box+, then turned
      # about the box's middle: degrees, from x towards y.
      class Mark
        attr_reader :artwork, :ink, :box, :mirrored, :turn

        def initialize(artwork:, ink:, box:, mirrored:, turn: 0)
          @artwork, @ink, @box, @mirrored, @turn = artwork, ink, box, mirrored, turn
          freeze
        end

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = artwork.draw_on(page, ink: ink, box: box, mirrored: mirrored, turn: turn)
      end

      # A measuring bar: end to end along its length, outer edges of its ticks.
      class Bar
        LINE = 0.25
        TICK = 2.4
        attr_reader :box, :direction

        # @param direction [Symbol] :horizontal or :vertical
        def initialize(x:, y:, length:, direction:)
          across = direction == :horizontal
          @box = Geometry::Box.new(x: x, y: y, width: across ? length : TICK, height: across ? TICK : length)
          @direction = direction
          freeze
        end

        def length = (direction == :horizontal) ? box.width : box.height

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = blocks.each { |block| page.block(block) }

        def blocks
          b = box
          if direction == :horizontal
            [[b.x, b.y + (TICK - LINE) / 2, b.width, LINE], [b.x, b.y, LINE, TICK], [b.right - LINE, b.y, LINE, TICK]]
          else
            [[b.x + (TICK - LINE) / 2, b.y, LINE, b.height], [b.x, b.y, TICK, LINE], [b.x, b.bottom - LINE, TICK, LINE]]
          end.map { |x, y, w, h| Geometry::Box.new(x: x, y: y, width: w, height: h) }
        end
      end

      # A solid box.
      class Block
        attr_reader :box, :colour

        def initialize(box, colour: Colour::BLACK)
          @box, @colour = box, colour
          freeze
        end

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = page.block(box, colour)
      end

      # Other items, of which only what lies in a box is seen.
      class Window
        attr_reader :box, :items

        def initialize(box, items)
          @box, @items = box, items.freeze
          freeze
        end

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = page.window(box) { items.each { |item| item.draw_on(page) } }
      end

      # One line of words. +size+ is its cap height, +y+ its baseline.
      class Text
        attr_reader :words, :x, :y, :size, :bold

        def initialize(words, x:, y:, size: 1.9, bold: false)
          @words, @x, @y, @size, @bold = words, x, y, size, bold
          freeze
        end

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = page.text(self)
      end

      # A hairline through points.
      class Line
        attr_reader :points, :width, :colour

        def initialize(points, width: 0.1, colour: Colour.new(120, 120, 120))
          @points, @width, @colour = points, width, colour
          freeze
        end

        # @param page [Object] a writer with the verb it calls
        def draw_on(page) = page.line(self)
      end
    end
  end
end
