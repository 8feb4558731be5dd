# frozen_string_literal: true

module UpClose
  module Printing
    # What a maker carries to the bench on paper. Frozen.
    class BenchCard
      attr_reader :title,
        :subtitle, :facts, :reading, :mirrored, :steps, :cautions, :pencil_lines, :registration, :shape, :corners, :ink,
        :lengths

      # The artwork as it will look: PNG, its size on the piece, mm, and where it lies, once or repeated. Frozen.
      Ink = Value.define(:png, :places, :width_mm, :height_mm, keyword_init: true)

      # @param facts [Array<Array(String, String)>]  @param reading [String] the decision in words
      # @param steps [Array<Array(Methods::Step, String)>] each with its time in words
      # @param pencil_lines [Array<Placing::PencilLines::Line>]
      # @param registration [Array<Placing::Registration::Line>]
      # @param corners [Array<Geometry::Point>] of the ink's box on the piece, mm
      # @param lengths [Measure::LengthWriter] as distances are written
      # @param ink [Ink, nil] nil where it cannot be shown flat
      def initialize(
        title:, subtitle:, facts:, reading:, mirrored:, steps:, cautions:, pencil_lines:, shape:, corners:,
        registration: [], ink: nil, lengths: Measure::LengthWriter.new
      )
        @title, @subtitle, @facts, @reading, @mirrored = title, subtitle, facts, reading, mirrored
        @steps, @cautions, @pencil_lines, @registration, @shape, @corners =
          steps, cautions, pencil_lines, registration, shape, corners
        @ink, @lengths = ink, lengths
        freeze
      end
    end
  end
end
