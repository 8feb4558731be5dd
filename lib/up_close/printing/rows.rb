# frozen_string_literal: true

module UpClose
  module Printing
    # Copies in rows: as many to a row as fit, as many rows to a sheet, then the next sheet.
    class Rows
      MOST_COPIES = 500
      # One cell. Frozen.
      class Cell
        attr_reader :sheet, :copy, :box

        # @param sheet [Integer] from 1  @param copy [Integer] from 1  @param box [Geometry::Box] trim line, mm
        def initialize(sheet:, copy:, box:)
          @sheet, @copy, @box = sheet, copy, box
          freeze
        end
      end

      # @param inside [Geometry::Box]  @param width [Float] of a cell  @param height [Float]  @param gap [Float]
      def initialize(inside:, width:, height:, gap:)
        @inside, @width, @height, @gap = inside, width, height, gap
      end

      def columns = fit(@inside.width, @width)

      def rows = fit(@inside.height, @height)

      def per_sheet = columns * rows

      def fits? = per_sheet.positive?

      # @return [Array<Cell>]
      def cells(copies)
        Array.new(copies) do |i|
          sheet, place = i.divmod(per_sheet)
          row, column = place.divmod(columns)
          box = Geometry::Box.new(
            x: @inside.x + column * (@width + @gap),
            y: @inside.y + row * (@height + @gap),
            width: @width,
            height: @height
          )
          Cell.new(sheet: sheet + 1, copy: i + 1, box: box)
        end
      end

      # @return [Working]
      def working
        Working.new("⌊(#{n(@inside.width)} + #{n(@gap)}) ÷ (#{n(@width)} + #{n(@gap)})⌋ × ⌊(#{n(@inside.height)} + " \
          "#{n(@gap)}) ÷ (#{n(@height)} + #{n(@gap)})⌋ = #{columns} × #{rows} = #{per_sheet}")
      end

      private

      def fit(room, size) = [((room + @gap + Tolerance::ROUNDING) / (size + @gap)).floor, 0].max

      def n(value) = Working.number(value, 1)
    end
  end
end
