# frozen_string_literal: true

module UpClose
  module Boards
    # What a board is checked against: what the method leaves of a line and of a gap, what the bath takes, and what a
    # hand drill and a saw need. All starting values.
    class CheckContext
      # copper left round a hole that a hand drill has wandered in; a hole, and copper, from the edge; wall to wall, mm
      RING_MM = 0.3
      HOLE_EDGE_MM = 1.0
      COPPER_EDGE_MM = 0.5
      STARTING = "a starting value; your own board replaces it"
      # this much over a limit is little to spare
      SPARE = 1.3

      attr_reader :board, :line_mm, :gap_mm, :undercut

      # @param board [Board]  @param line_mm [Float]  @param gap_mm [Float] what the method holds
      # @param undercut [Etching::Undercut, nil] nil where nothing is etched
      # @param sides [Array<String>] whose copper is looked at; so two processes can share the work
      def initialize(board, line_mm: 0.2, gap_mm: 0.2, undercut: nil, sides: board.sides)
        @board, @line_mm, @gap_mm, @undercut, @sides = board, line_mm, gap_mm, undercut, sides
      end

      # mm that the bath takes at each edge
      def side_mm = undercut ? undercut.side_mm : 0.0

      # @param value [Float]  @param limit [Float]  @return [Symbol]
      def verdict(value, limit)
        return :stop if value < limit - Tolerance::ROUNDING
        (value < limit * SPARE) ? :watch : :fine
      end

      # the sides with copper, each finding named by its side where there are two
      # @yield [String] side  @return [Array<Finding>]
      def each_side(&block) = @sides.map(&block).compact

      # whether what is no side's own is looked at here
      def whole? = @sides.first == board.sides.first

      # @param side [String]  @return [String] ", top" where there are two
      def named(side) = (board.sides.size > 1) ? ", #{side}" : ""
    end
  end
end
