# frozen_string_literal: true

module UpClose
  module Boards
    # What is written back of a plate, each at its true size: Gerber of each side, drill file, outline as DXF, drills
    # as a table.
    module Files
      FUNCTIONS = {"top" => %w[Copper L1 Top], "bottom" => %w[Copper L2 Bot]}.freeze

      module_function

      # @param plate [Plate]  @return [Hash{String => String}] name → content
      def call(plate)
        plate.board.sides.to_h { |side| ["copper-#{side}.gbr", copper(plate, side)] }
          .merge("drills.drl" => Excellon::Writer.call(plate.holes), "outline.dxf" => outline(plate),
            "drills.csv" => drills(plate))
      end

      # @param side [String]  @return [String] Gerber
      def copper(plate, side) = Gerber::Writer.call(plate.print(side), function: FUNCTIONS.fetch(side))

      # @return [String] DXF: OUTLINE, SCORE, DRILLS
      def outline(plate)
        lines = plate.score_lines.map { |from, to| Geometry::Path.new([[:move, from], [:line, to]]) }
        Formats::DXF::Writer.call(
          {"OUTLINE" => plate.outlines.map(&:path), "SCORE" => lines, "DRILLS" => plate.holes.map { |h| h.region.path }}
        )
      end

      # @return [String] CSV
      def drills(plate)
        drills = plate.board.drills
        all = plate.holes.map { |hole| hole.diameter_mm.round(3) }.tally
        rows = all.sort.map { |size, count| [Working.number(size, 3), drills.fetch(size, 0), count] }
        [%w[diameter_mm one_board plate], *rows].map { |row| row.join(",") }.join("\n") + "\n"
      end
    end
  end
end
