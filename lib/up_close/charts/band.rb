# frozen_string_literal: true

module UpClose
  module Charts
    # A chance over time with the band it lies in, as it narrows: from day to day, what was known by then. Frozen.
    class Band
      # of so many points at most
      POINTS = 40
      # One point: a Julian day, and the chance with its band, 0..1. Frozen.
      Point = Value.define(:day, :mean, :low, :high)

      attr_reader :points

      # @param expected [Float] before anything was tried
      # @param days [Array<Array(Integer, Integer, Integer)>] Julian day, good, tried of it; oldest first
      # @param others [Array<Array(Numeric, Numeric)>] other ways of the method, as they stand
      def initialize(expected, days, others: [])
        @points = some(running(days)).map { |day, good, tried|
          chance = Record::PooledChance.new(expected, own: [good, tried], others: others)
          Point.new(day, chance.mean, *chance.belief.drawn_interval)
        }.freeze
        freeze
      end

      # @param x [Scale] of days  @param y [Scale] of chances
      # @return [String] a path along the chance
      def line(x, y) = "M#{points.map { |p| "#{x.call(p.day)} #{y.call(p.mean)}" }.join("L")}"

      # @return [String] a path round the band
      def around(x, y)
        upper = points.map { |p| "#{x.call(p.day)} #{y.call(p.high)}" }
        lower = points.reverse.map { |p| "#{x.call(p.day)} #{y.call(p.low)}" }
        "M#{(upper + lower).join("L")}Z"
      end

      private

      # begun with nothing on the first day
      def running(days)
        return [] if days.empty?
        good = tried = 0
        [[days.first.first, 0, 0], *days.map { |day, came, of| [day, good += came, tried += of] }]
      end

      # the first few each, then evenly; the last always
      def some(all)
        return all if all.size <= POINTS
        first = all.first(POINTS / 4)
        rest = all.drop(first.size)
        step = (rest.size / (POINTS - first.size - 1.0))
        first + Array.new(POINTS - first.size - 1) { |i| rest[(i * step).floor] } + [all.last]
      end
    end
  end
end
