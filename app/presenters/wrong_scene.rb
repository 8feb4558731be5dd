# frozen_string_literal: true

module Presenters
  # A mark on its piece, near enough to tap where it failed: the piece's own drawing, cut round the mark, with a ring
  # at each tap.
  class WrongScene
    # round the mark, as a share of its larger side
    AROUND = 0.22
    RING = 0.085

    attr_reader :view

    # @param attempt [Attempt]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(attempt, writer:)
      @attempt = attempt
      @view = PieceView.new(attempt.mark.piece, writer: writer, mark: attempt.mark)
    end

    def ink = @ink ||= view.ink

    # what of the drawing is shown
    # @return [String]
    def view_box
      x, y = view.px(at.centre)
      across, down = box.zip([PieceView::WIDTH, @view.height]).map { |side, most| [side, most].min }
      left = (x - across / 2).clamp(0, PieceView::WIDTH - across)
      top = (y - down / 2).clamp(0, @view.height - down)
      [left, top, across, down].map { |v| v.round(2) }.join(" ")
    end

    # One ring. Frozen.
    Ring = UpClose::Value.define(:number, :x, :y, :r)

    # in the mark's own frame, before its turn
    # @return [Array<Ring>]
    def rings
      @attempt.places.select { |place| place["x"] }.each_with_index.map do |place, i|
        size = place["r"] ? place["r"] * ink[:width] : radius
        Ring.new(
          i + 1, (ink[:x] + place["x"] * ink[:width]).round(2), (ink[:y] + place["y"] * ink[:height]).round(2),
          [size, radius / 2].max.round(2)
        )
      end
    end

    # letters beside a ring, as large as can be read
    def letters = (radius * 0.7).round(2)

    # undoes the mark's turn, for its numbers
    def upright = -at.turn_deg

    private

    def at = @attempt.mark.placement

    def radius = [ink[:width], ink[:height]].max * RING

    # width and height of what is shown
    def box
      turn = at.turn_deg * Math::PI / 180
      cos, sin = Math.cos(turn).abs, Math.sin(turn).abs
      across, down = ink[:width] * cos + ink[:height] * sin, ink[:width] * sin + ink[:height] * cos
      room = [across, down].max * AROUND
      across, down = across + room, down + room
      (across / down < 1.25) ? [down * 1.25, down] : [across, [down, across / 2.2].max]
    end
  end
end
