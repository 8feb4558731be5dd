# frozen_string_literal: true

module UpClose
  module Printing
    # The first sheet of a tiled mark: how its tiles go together; and the ticks that join them. Part of TiledPack.
    module TileAssembly
      private

      # the whole, small, with every tile's outline and name
      def assembly
        room = Geometry::Box.new(
          x: 20,
          y: TiledPack::ASSEMBLY_TOP,
          width: paper.width_mm - 40,
          height: paper.height_mm - TiledPack::ASSEMBLY_TOP - 24
        )
        scale = [room.width / whole.width, room.height / whole.height].min
        Page.new(
          paper: paper,
          items: [
            *furniture(1),
            Items::Text.new(assembly_words(scale), x: 20, y: TiledPack::ASSEMBLY_TOP - 5),
            mark(room.x, room.y, scale),
            *tiles.flat_map { |tile| drawn(tile, room, scale) }
          ]
        )
      end

      def assembly_words(scale)
        side = @mirrored ? " Seen as printed: on the piece it is the other way round." : ""
        "How the #{tiles.size} tiles go together, 1 : #{n(1 / scale)}.#{side}"
      end

      def drawn(tile, room, scale)
        part = tile.part
        box = Geometry::Box.new(
          x: room.x + part.x * scale,
          y: room.y + part.y * scale,
          width: part.width * scale,
          height: part.height * scale
        )
        [
          Items::Line.new([*box.corners, box.corners.first], width: 0.2, colour: Colour.new(90, 90, 90)),
          Items::Block.new(
            Geometry::Box.new(x: box.x + 1, y: box.y + 1.4, width: 3.0 * tile.name.length, height: 4.6),
            colour: Colour::WHITE
          ),
          Items::Text.new(tile.name, x: box.x + 2, y: box.y + 5, size: 2.6, bold: true)
        ]
      end

      # ticks outside the window, on the middle of each overlap
      def joins(tile, origin)
        columns, rows = grid
        across = [
          (tile.column > 0) ? origin.x + overlap / 2 : nil,
          (tile.column < columns - 1) ? origin.right - overlap / 2 : nil
        ].compact
        down =
          [
            (origin.y + overlap / 2 if tile.row > 0), (origin.bottom - overlap / 2 if tile.row < rows - 1)
          ].compact
        across.flat_map { |x|
          [tick(x, origin.y, x, origin.y - TiledPack::TICK), tick(x, origin.bottom, x, origin.bottom + TiledPack::TICK)]
        } + down.flat_map { |y|
          [tick(origin.x, y, origin.x - TiledPack::TICK, y), tick(origin.right, y, origin.right + TiledPack::TICK, y)]
        }
      end

      def tick(x0, y0, x1, y1)
        Items::Line.new([Geometry::Point[x0, y0], Geometry::Point[x1, y1]], width: 0.15, colour: Colour::BLACK)
      end
    end
  end
end
