# frozen_string_literal: true

module UpClose
  module Coupons
    # The width from which lines of a ladder are whole: the share of each that is there, against the logarithm of its
    # width, is laid along a logistic curve, and read where WHOLE of a line is there. Frozen.
    class Limit
      STARTS = Array.new(90) { |i| Math.exp(Math.log(0.03) + i * (Math.log(2.0) - Math.log(0.03)) / 89) }.freeze
      STEEPS = [0.04, 0.08, 0.12, 0.18, 0.27, 0.4].freeze
      # how far a share that was read may be off
      NOISE = 0.05
      # the natural logarithm of WHOLE against what is not
      WHOLE = Math.log(Coupons::WHOLE / (1 - Coupons::WHOLE))

      attr_reader :mm, :off_mm, :bound

      # @param shares [Hash{Float => Float}] width, mm → share of it that is there, 0..1
      def initialize(shares)
        @shares = shares.sort.to_h
        @bound = bounded
        @mm, @off_mm = @bound ? at_bound : fitted
        freeze
      end

      # all of it whole: the least there is. none: more than there is
      # @return [Working]
      def working
        told = @shares.map { |width, share| "#{n(width)}: #{(share * 100).round} %" }.join(", ")
        Working.new("#{told}; whole from #{n(mm)} ± #{n(off_mm)} mm", source: BOUNDS[@bound])
      end

      BOUNDS = {
        least: "every line is whole; it may hold finer lines", most: "no line is whole; it may hold none of these"
      }.freeze

      private

      def bounded
        return :least if @shares.values.all? { |share| share >= Coupons::WHOLE }
        :most if @shares.values.none? { |share| share >= Coupons::WHOLE - 0.1 }
      end

      def at_bound
        widths = @shares.keys
        (@bound == :least) ? [widths.first, widths.first * 0.15] : [widths.last, widths.last * 0.2]
      end

      # weighed over all curves by how well they lie
      def fitted
        curves = STARTS.product(STEEPS).map { |start, steep| [start * Math.exp(steep * WHOLE), off(start, steep)] }
        best = curves.map(&:last).min
        weights = curves.map { |mm, off| [mm, Math.exp((best - off) / (2 * NOISE**2))] }
        whole = weights.sum(&:last)
        mean = weights.sum { |mm, weight| mm * weight } / whole
        [mean, Math.sqrt(weights.sum { |mm, weight| (mm - mean)**2 * weight } / whole)]
      end

      def off(start, steep)
        @shares.sum do |width, share|
          (1 / (1 + Math.exp(-(Math.log(width / start) / steep).clamp(-40, 40))) - share)**2
        end
      end

      def n(value) = Working.number(value, 3)
    end
  end
end
