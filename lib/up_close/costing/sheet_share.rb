# frozen_string_literal: true

module UpClose
  module Costing
    # What one copy takes of a sheet's price (handbook, “Cost and comparison”): the area it uses, webs
    # included, of what the sheet can carry; a sheet that is wiped divides its price
    # by the uses it sees. Frozen.
    class SheetShare
      # @param pack_cents [Integer]  @param pack_sheets [Integer]  @param uses [Integer, nil]
      # @param paper [Printing::Paper]
      def initialize(pack_cents:, pack_sheets:, paper:, uses: nil, allowances: Sheets::Allowances::START)
        @pack_cents, @pack_sheets, @uses, @paper, @allowances = pack_cents, pack_sheets, uses || 1, paper, allowances
        freeze
      end

      # cents, not rounded
      # @return [Rational]
      def sheet = @pack_cents.to_r / @pack_sheets / @uses

      # @param width_mm [Float] of the copy with its border
      # @return [Rational] cents, not rounded; never more than the sheet
      def call(width_mm, height_mm) = sheet * [share(width_mm, height_mm), 1].min

      # @return [Working]
      def working(width_mm, height_mm)
        Working
          .new("#{Money.write(@pack_cents)} ÷ #{@pack_sheets}#{" ÷ #{@uses} uses" if @uses > 1} × #{n(width_mm)} × " \
            "#{n(height_mm)} with gaps of #{n(@allowances.gap)} ÷ what a sheet carries = " \
              "#{Working.number(call(width_mm, height_mm).to_f / 100, 3)}")
      end

      private

      def n(value) = Working.number(value, 1)

      def share(width_mm, height_mm)
        sides = @allowances.sides
        carries = (@paper.width_mm - sides[:left] - sides[:right] + @allowances.gap) *
          (@paper.height_mm - sides[:top] - sides[:bottom] + @allowances.gap)
        ((width_mm + @allowances.gap) * (height_mm + @allowances.gap) / carries).to_r
      end
    end
  end
end
