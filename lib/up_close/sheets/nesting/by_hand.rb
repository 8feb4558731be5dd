# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # What a person does without help, to compare with: boxes in rows.
      module ByHand
        module_function

        # boxes in rows in the order given  @return [Layout]
        def listed(parts, fresh:, room:)
          rows(copies(parts) { |part| boxed(part, 0) }, fresh, room) do |open, box, inside|
            open.last if open.last.takes?(box, inside)
          end
        end

        # boxes turned upright, the tallest first, each in the first row with room
        def tidied(parts, fresh:, room:)
          sorted = copies(parts) { |part|
            part.turns.map { |turn| boxed(part, turn) }.max_by { |_, box| [box.height.round(6), -box.width] }
          }.sort_by do |c|
            [-c[3].height, c[0].id, c[1]]
          end
          rows(sorted, fresh, room) { |open, box, _| open.find { |row| row.fits?(box) } }
        end

        # A row of boxes on a sheet.
        Row = Struct.new(:sheet, :x, :y, :height, :right, :gap) do
          # @param box [Geometry::Box]  @return [Boolean]
          def takes?(box, inside) = x + box.width <= right + 1e-9 && y + box.height <= inside.bottom + 1e-9

          # @param box [Geometry::Box]  @return [Boolean]
          def fits?(box) = x + box.width <= right + 1e-9 && box.height <= height + 1e-9
        end

        # @param parts [Array<Part>]  @yieldreturn [Array(Numeric, Geometry::Box)] turn and box  @return [Array]
        def copies(parts)
          parts.flat_map do |part|
            yield(part).then { |turn, box| Array.new(part.count) { |i| [part, i + 1, turn, box] } }
          end
        end

        # @param turn [Numeric] degrees  @return [Array(Numeric, Geometry::Box)]
        def boxed(part, turn)
          [turn, Geometry::Box
            .around(Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline).map { |x, y| Geometry::Point[x, y] })]
        end

        # @param copies [Array]  @return [Array<Array>] sheets in rows, as one lays them by hand
        def rows(copies, fresh, room)
          inside = Boxes.inside(fresh, room).then do |b|
            Geometry::Box.new(x: b.x, y: b.y, width: b.width - room.gap, height: b.height - room.gap)
          end
          open, sheets, unplaced = [], [], []
          copies.each do |part, copy, turn, box|
            next unplaced << [part, copy] if box.width > inside.width || box.height > inside.height
            row = (open.any? && yield(open, box, inside)) || new_row(open, sheets, box, inside, room.gap)
            row.sheet << Layout::Placement.new(part, copy, row.x - box.x, row.y - box.y, turn)
            row.x += box.width + room.gap
            row.height = [row.height, box.height].max if row.equal?(open.last)
          end
          Layout.new(sheets.map { |placements|
            Layout::Sheet.new(fresh, placements, placements.map { |p| p.region.rings.first.map(&:last).max }.max)
          }, unplaced)
        end

        # @param open [Array] rows so far  @param gap [Float] mm
        def new_row(open, sheets, box, inside, gap)
          last = open.last
          y = (last && last.sheet.equal?(sheets.last)) ? last.y + last.height + gap : inside.y
          sheets << [] if last.nil? || y + box.height > inside.bottom + 1e-9
          y = inside.y if last && y + box.height > inside.bottom + 1e-9
          open << Row.new(sheets.last, inside.x, y, box.height, inside.right, gap)
          open.last
        end
      end
    end
  end
end
