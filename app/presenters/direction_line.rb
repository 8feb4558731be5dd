# frozen_string_literal: true

module Presenters
  # Which way a piece's grain, a seam or its handle lies: a line with words, where it covers least of the marks.
  class DirectionLine
    # of the piece's width, and of its height with the words over it
    HALF, HIGH = 0.12, 0.09
    # words are somewhat longer than the line
    WORDS = 1.3
    DOWN, ACROSS = [0.7, 0.5, 0.3, 0.15, 0.85].freeze, [0.2, 0.8, 0.5].freeze

    # @param kept [Hash] "kind", "deg"  @param view [PieceView]
    # @param marks [Array<UpClose::Geometry::Box>] mm, what it should not cover
    def initialize(kept, view, marks)
      @kept, @view, @marks = kept, view, marks
    end

    # @return [Hash, nil] words, degrees, and the line's ends in pixels
    def to_h
      return unless deg
      way = UpClose::Geometry::Transform.turn(deg).apply(UpClose::Geometry::Point[half, 0])
      {words: words, deg: deg, from: @view.px(middle - way), to: @view.px(middle + way)}
    end

    private

    def deg = @kept["deg"]

    def box = @view.shape.box

    def half = box.width * HALF

    def middle
      @middle ||= DOWN.product(ACROSS)
        .map { |down, across| UpClose::Geometry::Point[box.x + box.width * across, box.y + box.height * down] }
        .min_by { |place| covered(place) }
    end

    # mm² of marks under the words
    def covered(place)
      high = box.height * HIGH
      own = UpClose::Geometry::Box.new(
        x: place.x - half * WORDS, y: place.y - high, width: 2 * half * WORDS, height: high * WORDS
      )
      @marks.filter_map { |mark| own.overlap(mark) }.sum(&:area)
    end

    def words
      turn = ((deg + 90) % 180) - 90
      return "#{@kept["kind"]}, level" if turn.abs < 0.05
      way = turn.negative? ? "up" : "down"
      "#{@kept["kind"]}, #{way} #{UpClose::Working.number(turn.abs, 1)}° to the right"
    end
  end
end
