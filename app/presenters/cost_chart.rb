# frozen_string_literal: true

module Presenters
  # What a good one costs over time, below the chance it follows from: what a try costs, over the chance. Pixels.
  class CostChart
    HEIGHT = 74
    TOP = 14
    BOTTOM = 12

    # @param chart [RecordChart]  @param cents [Float] one try, at today's prices
    def initialize(chart, cents)
      @chart, @cents = chart, cents
    end

    # @return [Array<Array(Integer, Float)>] Julian day and cents
    def points = @points ||= @chart.band.points.map { |point| [point.day, @cents / point.mean] }

    def line = "M#{points.map { |day, cents| "#{@chart.x.call(day)} #{y.call(cents)}" }.join("L")}"

    # @return [UpClose::Charts::Scale]
    def y
      low, high = points.map(&:last).minmax
      @y ||= UpClose::Charts::Scale.new(low, [high, low + 1].max, HEIGHT - BOTTOM, TOP)
    end

    # where its last figure stands
    def last_y = y.call(points.last.last)

    def first = points.first.last.round

    def dearest = points.map(&:last).max.round

    def now = points.last.last.round
  end
end
