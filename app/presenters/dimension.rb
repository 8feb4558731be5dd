# frozen_string_literal: true

module Presenters
  # A dimension line on a drawing: two arrowheads, a figure set into the line, or
  # beside it when the line is short. Pixels. Frozen.
  class Dimension
    HEAD = 11
    WIDE = 2.6
    attr_reader :from, :to, :figure

    # @param from [Array(Float, Float)]  @param to [Array(Float, Float)] upright or level
    # @param moved [Array(Float, Float), nil] where the figure stands when it is not at its own place
    # @param led [Boolean] whether a thin line leads from there to the dimension
    def initialize(from, to, figure, moved: nil, led: false)
      @from, @to, @figure, @moved, @led = from, to, figure, moved, led
      freeze
    end

    # @return [Dimension] its figure elsewhere
    def with_figure(centre, led: false) = Dimension.new(from, to, figure, moved: centre, led: led)

    # @return [Dimension] another figure, at its own place
    def renamed(figure) = Dimension.new(from, to, figure)

    def length = Math.hypot(to[0] - from[0], to[1] - from[1])

    def level? = (to[1] - from[1]).abs < (to[0] - from[0]).abs

    def inline? = @moved.nil? && length > figure.length * 9 + 2 * HEAD + 8

    # where its figure may stand near, the best first
    def places = [to, middle, from]

    # @return [Array, nil] ends of the line from a figure that stands away
    def leader = @led ? [@moved, places.min_by { |x, y| Math.hypot(@moved[0] - x, @moved[1] - y) }] : nil

    def upright_inline? = inline? && !level?

    # where the figure stands
    def at
      return @moved if @moved
      return middle if inline?
      gap = level? ? figure.length * 4.2 + 10 : 14
      [to[0] + way[0] * gap, to[1] + way[1] * gap]
    end

    # the line, cut open for a figure set into it
    def strokes
      return [[from, to]] unless inline?
      half = figure.length * 4.4 + 6
      [
        [from, [middle[0] - way[0] * half, middle[1] - way[1] * half]],
        [[middle[0] + way[0] * half, middle[1] + way[1] * half], to]
      ]
    end

    # @return [Array<String>] points of the two arrowheads, none when there is no room
    def heads
      return [] if length < 2 * HEAD
      [head(from, way.map(&:-@)), head(to, way)]
    end

    private

    def middle = [(from[0] + to[0]) / 2.0, (from[1] + to[1]) / 2.0]

    def way = length.zero? ? [1, 0] : [(to[0] - from[0]) / length, (to[1] - from[1]) / length]

    def head(tip, (x, y))
      base = [tip[0] - x * HEAD, tip[1] - y * HEAD]
      [tip, [base[0] - y * WIDE, base[1] + x * WIDE], [base[0] + y * WIDE, base[1] - x * WIDE]]
        .map { |p| p.map { |v| v.round(2) }.join(",") }
        .join(" ")
    end
  end
end
