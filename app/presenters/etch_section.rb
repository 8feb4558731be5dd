# frozen_string_literal: true

module Presenters
  # A cut across the thinnest line and gap, to scale, heights as widths: the resist on the metal, and what the bath
  # leaves. A bath eats down and sideways alike, along a quarter of an ellipse round the resist's edge (half axes:
  # side loss and depth). Pixels of a drawing WIDTH wide.
  class EtchSection
    WIDTH = 480.0
    LEFT = 20.0
    # one line, its gap, part of the next line
    ACROSS = 440.0
    DEEPEST = 92.0
    # metal that is left below
    GROUND = 26.0

    attr_reader :line_mm, :gap_mm

    # @param undercut [UpClose::Etching::Undercut]  @param line_mm [Float]  @param gap_mm [Float] as drawn
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(undercut, line_mm:, gap_mm:, writer:)
      @undercut, @line_mm, @gap_mm, @writer = undercut, line_mm, gap_mm, writer
    end

    # @return [Float] pixels a millimetre
    def scale = @scale ||= [ACROSS / (line_mm + gap_mm + next_mm), DEEPEST / @undercut.depth_mm].min

    def depth = @undercut.depth_mm * scale

    def side = @undercut.side_mm * scale

    def line_ends = [LEFT, LEFT + line_mm * scale]

    # the next line, cut off by the drawing's end
    def next_ends = [line_ends.last + gap_mm * scale, line_ends.last + (gap_mm + next_mm) * scale]

    def right = next_ends.last

    # @return [Array<Array(Float, Float)>] left and right of each resist
    def resists = [line_ends, next_ends]

    # the metal after the bath, its face at +top+
    # @return [String] of a path
    def metal_path(top)
      a, b = line_ends
      "M#{n a - outer} #{n top + depth}L#{n a} #{n top + depth}#{hill(a, b, top)}" \
        "L#{n next_ends.first} #{n top + depth}#{rise(next_ends.first, right, top)}" \
        "L#{n right} #{n top + depth + GROUND}L#{n a - outer} #{n top + depth + GROUND}Z"
    end

    # the metal between two edges of a resist: two arcs, and what is left of its face between them
    def hill(a, b, top)
      return arc(a, b, top, [(a + b) / 2, peak(b - a)]) if 2 * side >= b - a
      "A#{n side} #{n depth} 0 0 0 #{n a + side} #{n top}L#{n b - side} #{n top}" \
        "A#{n side} #{n depth} 0 0 0 #{n b} #{n top + depth}"
    end

    # @return [Dimension] of the line that stands
    def line_left(y)
      a, b = line_ends
      Dimension.new([a + side, y], [b - side, y], figure(@undercut.line_mm(line_mm)))
    end

    def line_drawn(y) = Dimension.new([line_ends.first, y], [line_ends.last, y], figure(line_mm))

    def gap_drawn(y) = Dimension.new([line_ends.last, y], [next_ends.first, y], figure(gap_mm))

    def gap_after(y)
      Dimension.new([line_ends.last - side, y], [next_ends.first + side, y], figure(@undercut.gap_mm(gap_mm)))
    end

    def gone? = @undercut.line_mm(line_mm).zero?

    def figure(mm) = @writer.inches? ? format("%.4f", mm / UpClose::Measure::Length::INCH_MM) : format("%.2f", mm)

    # @return [String] for who does not see it
    def words
      left = gone? ? "is gone" : "leaves #{figure(@undercut.line_mm(line_mm))}"
      "A cut across: a line drawn #{figure(line_mm)} wide #{left}, a gap of #{figure(gap_mm)} becomes " \
        "#{figure(@undercut.gap_mm(gap_mm))}."
    end

    # px of metal shown left of the line
    def outer = 14.0

    private

    # how much of the next line is shown
    def next_mm = line_mm * 0.45

    # both arcs meet in the middle, below the resist
    def arc(a, b, top, (middle, y))
      "A#{n side} #{n depth} 0 0 0 #{n middle} #{n top + y}A#{n side} #{n depth} 0 0 0 #{n b} #{n top + depth}"
    end

    # px below the face at which two arcs meet, a gone line's width apart
    def peak(width) = depth * Math.sqrt([1 - (width / 2 / side)**2, 0].max)

    def rise(a, b, top)
      return "L#{n b} #{n top + depth}" if side >= b - a
      "A#{n side} #{n depth} 0 0 0 #{n a + side} #{n top}L#{n b} #{n top}"
    end

    def n(value) = value.round(2)
  end
end
