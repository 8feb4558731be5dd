# frozen_string_literal: true

require "matrix"

module UpClose
  module Statistics
    # A chance that turns on several figures: logistic regression, its slopes drawn towards none (ridge; Hastie,
    # Tibshirani and Friedman, The Elements of Statistical Learning, 4.4 and 3.4), fitted by Newton's method. The
    # figures are taken in units of their own spread, so that one pull serves for all. Frozen.
    class Logistic
      # the pull on each slope: as if it were known to within 0.7 for each spread, before anything was seen
      PULL = 2.0
      TURNS = 30
      NEAR = 1e-9

      attr_reader :slopes, :start

      # @param rows [Array<Array<Float, nil>>] a row an attempt; nil: not known, taken as the usual
      # @param hits [Array<Boolean>]
      def self.fit(rows, hits, pull: PULL)
        scales = rows.transpose.map { |column| scale(column.compact) }
        inside = rows.map { |row| standard(row, scales) }
        new(newton(inside, hits.map { |hit| hit ? 1.0 : 0.0 }, pull), scales)
      end

      # @return [Array(Float, Float)] mean and spread
      def self.scale(known)
        return [0.0, 1.0] if known.empty?
        mean = known.sum.to_f / known.size
        spread = Math.sqrt(known.sum { |value| (value - mean)**2 } / known.size)
        [mean, (spread < Tolerance::ROUNDING) ? 1.0 : spread]
      end

      # @return [Array<Float>] 1, then each figure in units of its spread; 0 where it is not known
      def self.standard(row, scales)
        [1.0, *row.zip(scales).map { |value, (mean, spread)| value ? (value - mean) / spread : 0.0 }]
      end

      # @return [Array<Float>] the start and the slopes
      def self.newton(rows, hits, pull)
        values = Vector.zero(rows.first.size)
        TURNS.times do
          step = step(rows, hits, values, pull)
          values += step
          break if step.norm < NEAR
        end
        values.to_a
      end

      # @return [Vector] one step of Newton's method
      def self.step(rows, hits, values, pull)
        size = values.size
        slope = Array.new(size) { |i| i.zero? ? 0.0 : -pull * values[i] }
        bend = Array.new(size) { |i| Array.new(size) { |j| (i == j && i.positive?) ? pull : 0.0 } }
        bend[0][0] = Tolerance::SLIGHT
        rows.each_with_index { |row, n| add(slope, bend, row, hits[n] - chance(row, values), chance(row, values)) }
        Matrix.rows(bend).lup.solve(Vector.elements(slope))
      end

      # adds one row to slope and bend
      def self.add(slope, bend, row, off, chance)
        weight = chance * (1 - chance)
        row.each_with_index do |x, i|
          slope[i] += off * x
          row.each_with_index { |y, j| bend[i][j] += weight * x * y }
        end
      end

      # @return [Float] 0..1
      def self.chance(row, values)
        1 / (1 + Math.exp(-row.each_with_index.sum { |x, i| x * values[i] }.clamp(-40, 40)))
      end
      private_class_method :new, :newton, :step, :add, :scale

      def initialize(values, scales)
        @start, *@slopes = values
        @scales = scales.freeze
        freeze
      end

      # @param row [Array<Float, nil>]
      # @return [Float] 0..1
      def call(row) = Logistic.chance(Logistic.standard(row, @scales), [start, *slopes])
    end
  end
end
