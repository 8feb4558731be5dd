# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # What a person does without help, to compare with: boxes in rows.
      class ByHand
        SLACK_MM = 1e-9

        # boxes in rows in the order given  @return [Layout]
        def self.listed(parts, fresh:, room:) = new(fresh, room).listed(parts)

        # boxes turned upright, the tallest first, each in the first row with room  @return [Layout]
        def self.tidied(parts, fresh:, room:) = new(fresh, room).tidied(parts)

        # One copy as it is laid: its part, its number, and its box at a turn. Frozen.
        Copy = Value.define(:part, :number, :cut) do
          def box = cut.box
        end

        # A row of boxes on a sheet: where the next goes, how high it is, how far it reaches, mm.
        Row = Struct.new(:sheet, :x, :y, :height, :right, :gap) do
          # @param box [Geometry::Box]  @param bottom [Float] of the sheet  @return [Boolean] it may grow as high
          def takes?(box, bottom) = beside?(box) && y + box.height <= bottom + SLACK_MM

          # @param box [Geometry::Box]  @return [Boolean] without growing
          def fits?(box) = beside?(box) && box.height <= height + SLACK_MM

          # @param box [Geometry::Box]  @return [Boolean] it goes into the row beside the last one
          def beside?(box) = x + box.width <= right + SLACK_MM

          # @param copy [Copy]
          def lay(copy, grows:)
            box = copy.box
            sheet << Layout::Placement.new(copy.part, copy.number, x - box.x, y - box.y, copy.cut.turn)
            self.x += box.width + gap
            self.height = [height, box.height].max if grows
          end
        end

        def initialize(fresh, room)
          @fresh, @gap = fresh, room.gap
          inside = BoxSheet.inside(fresh, room)
          @inside = Geometry::Box.new(
            x: inside.x, y: inside.y, width: inside.width - @gap, height: inside.height - @gap
          )
          @rows, @sheets, @unplaced = [], [], []
        end

        # @see ByHand.listed
        def listed(parts)
          rows(copies(parts) { |part| Cut.of(part, 0, 0) }) do |box|
            @rows.last if @rows.last&.takes?(box, @inside.bottom)
          end
        end

        # @see ByHand.tidied
        def tidied(parts)
          upright = copies(parts) do |part|
            part.turns.map { |turn| Cut.of(part, turn, 0) }
              .max_by { |cut| [cut.box.height.round(6), -cut.box.width] }
          end
          tallest_first = upright.sort_by { |copy| [-copy.box.height, copy.part.id, copy.number] }
          rows(tallest_first) { |box| @rows.find { |row| row.fits?(box) } }
        end

        private

        # @yieldreturn [Cut]  @return [Array<Copy>]
        def copies(parts)
          parts.flat_map do |part|
            cut = yield(part)
            Array.new(part.count) { |i| Copy.new(part, i + 1, cut) }
          end
        end

        # @param copies [Array<Copy>]
        # @yield each box, for a row it goes into  @yieldreturn [Row, nil]
        # @return [Layout]
        def rows(copies)
          copies.each do |copy|
            next @unplaced << [copy.part, copy.number] if larger?(copy.box)
            row = yield(copy.box) || new_row(copy.box)
            row.lay(copy, grows: row.equal?(@rows.last))
          end
          Layout.new(@sheets.map { |placements| Layout::Sheet.new(@fresh, placements, reach(placements)) }, @unplaced)
        end

        def larger?(box) = box.width > @inside.width || box.height > @inside.height

        def reach(placements) = placements.map { |place| place.region.rings.first.map(&:last).max }.max

        # under the last one, or on another sheet
        def new_row(box)
          last = @rows.last
          y = last ? last.y + last.height + @gap : @inside.y
          if last.nil? || y + box.height > @inside.bottom + SLACK_MM
            @sheets << []
            y = @inside.y
          end
          @rows << Row.new(@sheets.last, @inside.x, y, box.height, @inside.right, @gap)
          @rows.last
        end
      end
    end
  end
end
