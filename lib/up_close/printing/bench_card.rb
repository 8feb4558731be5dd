# frozen_string_literal: true

module UpClose
  module Printing
    # What a maker carries to the bench on paper. Frozen.
    class BenchCard
      attr_reader :title,
        :subtitle, :facts, :reading, :mirrored, :steps, :cautions, :pencil_lines, :registration, :shape, :corners

      # @param facts [Array<Array(String, String)>]  @param reading [String] the decision in words
      # @param steps [Array<Array(Methods::Step, String)>] each with its time in words
      # @param pencil_lines [Array<Placing::PencilLines::Line>]
      # @param registration [Array<Placing::Registration::Line>]
      # @param corners [Array<Geometry::Point>] of the ink's box on the piece, mm
      def initialize(
        title:, subtitle:, facts:, reading:, mirrored:, steps:, cautions:, pencil_lines:, shape:, corners:,
        registration: []
      )
        @title, @subtitle, @facts, @reading, @mirrored = title, subtitle, facts, reading, mirrored
        @steps, @cautions, @pencil_lines, @registration, @shape, @corners =
          steps, cautions, pencil_lines, registration, shape, corners
        freeze
      end
    end
  end
end
