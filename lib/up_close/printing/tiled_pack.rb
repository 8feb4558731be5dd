# frozen_string_literal: true

module UpClose
  module Printing
    # A mark larger than a sheet, in tiles: equal ones that overlap, each with ticks
    # in its frame where its neighbour joins, a name, and first of all a drawing of
    # how they go together. Coordinates of the whole are from the trim line's top left.
    class TiledPack
      include TileAssembly

      OVERLAP = 8.0
      MOST_SHEETS = 200
      TICK = 4.0
      ASSEMBLY_TOP = 34.0

      # One tile: its row and column from 0, and its part of the whole, mm.
      Tile = Struct.new(:row, :column, :part) do
        def name = "#{("A".ord + row).chr}#{column + 1}"
      end

      attr_reader :paper, :copies, :width_mm, :height_mm, :overlap

      # @raise [Errors::DoesNotFit]
      def initialize(
        artwork:, ink:, width_mm:, mirrored:, copies:, paper:, border_mm:, heading:, margins: Margins.new,
        overlap_mm: OVERLAP
      )
        @artwork, @ink, @width_mm, @height_mm, @mirrored = artwork, ink, width_mm.to_f, width_mm * ink.aspect, mirrored
        @copies, @border, @heading, @margins, @overlap = copies, border_mm, heading, margins, overlap_mm
        @paper = [paper, paper.landscape].min_by { |p| grid(p).reduce(:*) }
        if overlap * 2 > [inside.width, inside.height].min
          refuse(
            "The overlap leaves nothing of a sheet.",
            "Less than #{Working.number(inside.width / 2, 0)} mm is well."
          )
        end
        if sheets > MOST_SHEETS
          refuse("That is #{sheets} sheets; #{MOST_SHEETS} is the most.", "Take larger paper, or fewer copies.")
        end
      end

      # @param on [Paper]  @return [Geometry::Box] what a printer reaches of it, mm
      def inside(on = @paper) = @margins.inside(on)

      # @return [Array(Integer, Integer)] columns and rows
      def grid(on = @paper) = [count(whole.width, inside(on).width), count(whole.height, inside(on).height)]

      # @return [Geometry::Box] the mark with its border
      def whole = Geometry::Box.new(x: 0, y: 0, width: width_mm + 2 * @border, height: height_mm + 2 * @border)

      # @return [Array<Tile>] row by row
      def tiles
        columns, rows = grid
        Array
          .new(rows) { |row| Array.new(columns) { |column| Tile.new(row, column, part(column, row, columns, rows)) } }
          .flatten
      end

      # the drawing of how they go together counts as one
      def sheets = 1 + copies * grid.reduce(:*)

      # @return [Array<Page>]
      def pages = @pages ||= [assembly, *(1..copies).flat_map { |copy| tiles.map { |tile| page(tile, copy) } }]

      # @return [Array<Rows::Cell>] each tile on its sheet
      def cells
        (1..copies).flat_map do |copy|
          tiles.each_with_index.map do |tile, i|
            Rows::Cell.new(sheet: 2 + (copy - 1) * tiles.size + i, copy: copy, box: on_page(tile))
          end
        end
      end

      def bars = Furniture.items(paper, @heading, sheet: 1, sheets: sheets, mirrored: @mirrored).grep(Items::Bar)

      # @return [Finding]
      def finding
        columns, rows = grid
        Finding.note(
          :sheets, "In tiles",
          figure: "#{columns} × #{rows}", value: columns * rows,
          working: Working.new(
            "⌈(#{n(whole.width)} − #{n(overlap)}) ÷ (#{n(inside.width)} − #{n(overlap)})⌉ × ⌈(#{n(whole.height)} − " \
            "#{n(overlap)}) ÷ (#{n(inside.height)} − #{n(overlap)})⌉ = #{columns} × #{rows}",
            source: "an overlap of #{n(OVERLAP)} mm is a starting value"
          ),
          reason: "#{tiles.size} sheets of #{paper.title} a copy, each lapping over its neighbour by #{n(overlap)} " \
            "mm, after one that shows how they go together. Lay them by the ticks, tick on tick."
        )
      end

      private

      def n(value) = Working.number(value, 1)

      def count(size, room)
        return 1 if size <= room + Tolerance::ROUNDING
        ((size - overlap) / (room - overlap) - Tolerance::ROUNDING).ceil
      end

      def part(column, row, columns, rows)
        wide, tall = [[whole.width, columns], [whole.height, rows]].map do |size, many|
          (size + (many - 1) * overlap) / many
        end
        Geometry::Box.new(x: column * (wide - overlap), y: row * (tall - overlap), width: wide, height: tall)
      end

      def on_page(tile) = Geometry::Box.new(x: inside.x, y: inside.y, width: tile.part.width, height: tile.part.height)

      def mark(left, top, scale = 1.0)
        box = Geometry::Box.new(
          x: left + @border * scale,
          y: top + @border * scale,
          width: width_mm * scale,
          height: height_mm * scale
        )
        Items::Mark.new(artwork: @artwork, ink: @ink, box: box, mirrored: @mirrored)
      end

      def page(tile, copy)
        box = on_page(tile)
        window = Items::Window.new(box, [mark(box.x - tile.part.x, box.y - tile.part.y)])
        Page.new(
          paper: paper,
          items: [
            *furniture(2 + (copy - 1) * tiles.size + tiles.index(tile)),
            window,
            outline(box),
            *joins(tile, box),
            name(tile, box)
          ]
        )
      end

      def furniture(sheet) = Furniture.items(paper, @heading, sheet: sheet, sheets: sheets, mirrored: @mirrored)

      def name(tile, box)
        Items::Text.new("Tile #{tile.name}", x: box.right - 24, y: box.y - 1.6, size: 2.6, bold: true)
      end

      def outline(box) = Items::Line.new([*box.corners, box.corners.first])

      def refuse(reason, remedy) = raise(Errors::DoesNotFit.new(reason, remedy: remedy, field: :paper))
    end
  end
end
