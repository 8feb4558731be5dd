# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # One copy of a part as an upright box: at each turn allowed, grown by the gap to the right and down. Frozen.
      BoxCopy = Value.define(:part, :number, :cuts) do
        # @param part [Part]  @param gap [Float] mm
        # @return [Array<BoxCopy>] one for each that is wanted
        def self.all(part, gap)
          cuts = BoxCopy.cuts(part, gap).freeze
          Array.new(part.count) { |i| new(part, i + 1, cuts) }
        end

        # @return [Array<Cut>] its box at each turn that makes another box, the first turn first
        def self.cuts(part, gap)
          part.turns.map { |turn| Cut.of(part, turn, gap) }
            .uniq { |cut| [cut.box.width.round(6), cut.box.height.round(6)] }
        end

        def first_area = cuts.first.box.area

        def least_height = cuts.map { |cut| cut.box.height }.min

        def most_width = cuts.map { |cut| cut.box.width }.max

        def first_sides = cuts.first.box.width + cuts.first.box.height
      end
    end
  end
end
