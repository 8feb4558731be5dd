# frozen_string_literal: true

module UpClose
  module Sheets
    # What can be done with a mark that does not fit on a paper in rows: how large it could
    # be, which papers take it, and whether it fits when it is turned.
    class TooLarge
      # @param paper [Printing::Paper]  @param allowances [Allowances]  @param unprintable [Hash{Symbol => Float}]
      # @param width_mm [Float] of the ink  @param aspect [Float] height ÷ width  @param border_mm [Float]
      # @param outline [Array<Array(Float, Float)>] the line to cut along, mm, as it lies on the sheet
      def initialize(paper:, allowances:, width_mm:, aspect:, border_mm:, outline:, unprintable: {})
        @paper, @allowances, @unprintable = paper, allowances, unprintable
        @width, @aspect, @border, @outline = width_mm, aspect, border_mm, outline
      end

      # the widest that fits in rows, upright or with the sheet on its side
      # @return [Float, nil] mm, of the ink
      def largest_mm
        widest = [@paper, @paper.landscape].map { |sheet| widest_on(sheet) }.max
        widest if widest.positive?
      end

      # @return [Array<Printing::Paper>] others that take it in rows, the smallest first
      def papers
        Printing::Paper::ALL.select { |paper| takes?(paper) }.sort_by { |paper| paper.width_mm * paper.height_mm }
      end

      # whether it fits on this paper by its outline, turned by 15° at a time
      def turned? = @turned.nil? ? @turned = turned_fits? : @turned

      private

      def inside(sheet) = Printing::Margins.keeping(@allowances, @unprintable).inside(sheet)

      def widest_on(sheet)
        inner = inside(sheet)
        [inner.width - 2 * @border, (inner.height - 2 * @border) / @aspect].min
      end

      def takes?(paper) = [paper, paper.landscape].any? { |sheet| widest_on(sheet) >= @width }

      def turned_fits?
        part = Nesting::Part.new(id: "mark", outline: @outline, turns: Allowances::TURNS.fetch("any").last)
        blank = Nesting::Blank.fresh(@paper, @allowances)
        Nesting::Decoder.new(@allowances.room(@unprintable), leftovers: [], fresh: blank)
          .call([[part, 1]])
          .unplaced
          .empty?
      end
    end
  end
end
