# frozen_string_literal: true

module UpClose
  module Record
    # All limits that this shop has read, to be asked for a way of doing it; and the windows it has learned. Frozen.
    class LimitBook
      # what coupons read, in the order of pages
      NAMES = {
        line_mm: "Thinnest line", gap_mm: "Smallest gap", spread_mm: "Lines grow by", solid_mm: "Largest solid",
        x_height_mm: "Smallest x-height", lightest: "Lightest tone"
      }.freeze

      # @param readings [Array<LimitReading>]  @param windows [Array<LearnedWindow>]
      # @param models [#[]] method key → ChanceModel or nil; made when it is asked for
      def initialize(readings = [], windows: [], models: {})
        @models = models
        @readings = readings.group_by { |reading| [reading.way.method_key, reading.way.printer.to_s, reading.name] }
        @windows = windows.to_h { |window| [[window.method_key, window.step], window] }
        freeze
      end

      NONE = new

      # @param method [Class] a Methods::Definition  @param way [Way]  @param purpose [Class, nil]
      # @return [Hash{Symbol => KnownLimit}] of NAMES, as far as they matter to the method
      def known(method, way, purpose: nil)
        start = Methods::Limits.for(method: method, printer: way.printer, purpose: purpose)
        NAMES.keys.filter_map { |name|
          value = start[name]
          next unless value.is_a?(Numeric) && value.positive?
          [name, KnownLimit.new(name, value, readings(way, name), way)]
        }.to_h
      end

      # what stands in a starting value's place
      # @return [Hash{Symbol => Array(Float, String)}] for Methods::Limits
      def recorded(method, way, purpose: nil)
        return {} if @readings.empty?
        known(method, way, purpose: purpose).select { |_, limit| limit.measured? }
          .transform_values { |limit| [limit.value, limit.told] }
      end

      # @return [ChanceModel, nil] nil where too little was tried
      def model(method_key) = @models[method_key]

      # @return [LearnedWindow, nil] where enough was tried to know better than the starting value
      def window(method_key, step) = @windows[[method_key, step]]

      # What this shop's own tries say of one of this kind, against the usual one.
      # @param row [Hash{Symbol => Numeric, nil}] of ChanceModel::COVARIATES
      # @return [Array<Array(String, Float)>] what it turns on, and what that leaves of the chance; at most 1
      def chance_factors(method_key, row)
        model = @models[method_key]
        return [] unless model&.used?
        factor = model.factor(row)
        return [] if factor > 0.98
        [["#{model.matters.first.first} (your own tries)", factor.clamp(0.2, 1.0)]]
      end

      # steps with the windows this shop knows better
      # @param steps [Array<Methods::Step>]
      # @return [Array<Methods::Step>]
      def timed(method_key, steps)
        return steps if @windows.empty?
        steps.map do |step|
          window = window(method_key, step.key)
          (window && step.latest_s) ? step.with(latest_s: window.latest_s, source: window.words) : step
        end
      end

      private

      def readings(way, name) = @readings.fetch([way.method_key, way.printer.to_s, name], [])
    end
  end
end
