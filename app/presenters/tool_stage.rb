# frozen_string_literal: true

module Presenters
  # Which tip a guide is worked with: figures, a cut across the thinnest line to scale, stop cuts where grain matters.
  class ToolStage
    WIDTH = 480.0
    ACROSS = 300.0
    DEEPEST = 120.0
    FACE_Y = 60.0

    attr_reader :tooling

    # @param mark [Mark]  @param tooling [MarkTooling]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(mark, tooling, writer:)
      @mark, @tooling, @writer = mark, tooling, writer
    end

    def stroke = tooling.stroke

    # @return [Array<UpClose::Finding>]
    def findings = [stroke.finding, cuts&.fetch(:finding)].compact

    # every tip beside the thinnest line
    # @return [Array<Array(UpClose::Tooling::Tip, UpClose::Tooling::Stroke)>]
    def rows = tooling.tips.map { |tip| [tip, tooling.stroke_of(tip)] }

    # px a millimetre
    def scale = @scale ||= [ACROSS / (3 * widest), DEEPEST / [deep * 1.4, 0.01].max].min

    # the ground left and right of the cut, and the cut itself
    # @return [String] of a path
    def section
      left, right, half = WIDTH / 2 - ACROSS / 2, WIDTH / 2 + ACROSS / 2, stroke.leaves_mm * scale / 2
      "M#{n left} #{n FACE_Y}L#{n(WIDTH / 2 - half)} #{n FACE_Y}#{cut(half)}L#{n right} #{n FACE_Y}" \
        "L#{n right} #{n foot}L#{n left} #{n foot}Z"
    end

    def foot = FACE_Y + deep * scale + 40

    def width_line
      half = stroke.leaves_mm * scale / 2
      Dimension.new([WIDTH / 2 - half, 30], [WIDTH / 2 + half, 30], figure(stroke.leaves_mm))
    end

    # @return [Dimension, nil] nil where the tip says nothing of its depth
    def depth_line
      return unless stroke.depth_mm
      x = WIDTH / 2 + stroke.leaves_mm * scale / 2 + 44
      Dimension.new([x, FACE_Y], [x, FACE_Y + stroke.depth_mm * scale], figure(stroke.depth_mm))
    end

    # where the grain matters, and the artwork is a drawing
    # @return [Hash, nil] as Shelves::StopCuts#told
    def cuts
      return unless tooling.grain? && @mark.artwork && @mark.width_mm
      grain_deg = tooling.grain_deg - @mark.turn_deg
      drawn = Shelves::StopCuts.new(@mark.design.drawn, width_mm: @mark.width_mm, grain_deg: grain_deg)
      @cuts ||= Workers.call(drawn, :told)
    rescue UpClose::Error
      nil
    end

    def figure(mm) = format("%.2f", mm)

    # @return [String] for who does not see it
    def words = "A cut across the thinnest line: #{figure(stroke.leaves_mm)} wide" \
      "#{", #{figure(stroke.depth_mm)} deep" if stroke.depth_mm}."

    private

    def widest = [stroke.leaves_mm, tooling.line_mm].max

    # of a round tip: as deep as half its width
    def deep = stroke.depth_mm || stroke.leaves_mm / 2

    def cut(half)
      bottom = FACE_Y + deep * scale
      return "L#{n(WIDTH / 2)} #{n bottom}L#{n(WIDTH / 2 + half)} #{n FACE_Y}" if stroke.depth_mm
      "A#{n half} #{n(bottom - FACE_Y)} 0 0 0 #{n(WIDTH / 2 + half)} #{n FACE_Y}"
    end

    def n(value) = value.round(1)
  end
end
