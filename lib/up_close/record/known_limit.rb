# frozen_string_literal: true

module UpClose
  module Record
    # One limit of this shop: the starting value and every reading, each weighed by how sure it is of this very way.
    # Limits are of one sign and off by shares, so their logarithms are averaged, each with one over its variance: its
    # own, and more for another stock, another surface, age, a cartridge since (partial pooling; Gelman and Hill, Data
    # Analysis Using Regression, 12). Frozen.
    class KnownLimit
      # spread of the logarithm, as standard deviations
      STARTING = 0.35
      LEAST = 0.05
      OTHER = {stock: 0.2, family: 0.2}.freeze
      YEAR = 0.1
      CHANGED = 0.15

      # One part of it: what it says, how sure (a standard deviation of its logarithm), its weight of the whole. Frozen.
      Part = Value.define(:value, :spread, :share, :source)

      attr_reader :name, :starting, :readings

      # @param name [Symbol] of Methods::Limits  @param starting [Numeric]
      # @param readings [Array<LimitReading>] of this limit, by this method and kind of printer
      # @param way [Way] it is asked for
      def initialize(name, starting, readings, way)
        @name, @starting, @way = name, starting.to_f, way
        @readings = readings.reject { |reading| reading.idle?(@starting) }
        weigh
        freeze
      end

      # @return [Float]
      attr_reader :value

      # @return [Float] how far it may be off, either way, two times in three; in its own unit
      def off = value * @spread

      # standard deviation of its logarithm
      attr_reader :spread

      def measured? = readings.any?

      # the reading that counts most
      # @return [LimitReading, nil]
      def nearest = readings.max_by { |reading| [-spread_of(reading), -reading.years] }

      # where it comes from, in words
      # @return [String]
      def source
        return "starting value" unless measured?
        more = readings.size - 1
        "#{nearest.source}#{" and #{more} more" if more.positive?}"
      end

      # the same, as a finding's working ends
      # @return [String]
      def told = "#{Working.number(value)} from #{source} (starting value #{Working.number(starting)})"

      # @return [Array<Part>] the starting value first
      attr_reader :parts

      # @return [Working]
      def working
        logs = parts.map { |part| "#{Working.number(part.share * 100, 0)} % of #{Working.number(part.value, 3)}" }
        Working.new(
          "#{logs.join(", ")} (of their logarithms) = #{Working.number(value, 3)} ± #{Working.number(off, 3)}",
          source: parts.map(&:source).join("; ")
        )
      end

      private

      def weigh
        read = readings.map { |reading| [reading.value, spread_of(reading), reading.source] }
        all = [[@starting, STARTING, "starting value"], *read]
        weights = all.map { |_, spread, _| 1 / spread**2 }
        whole = weights.sum
        @parts = all.zip(weights).map { |(value, spread, source), weight|
          Part.new(value, spread, weight / whole, source)
        }.freeze
        @value = Math.exp(parts.sum { |part| part.share * Math.log(part.value) })
        @spread = 1 / Math.sqrt(whole)
      end

      def spread_of(reading)
        own = [reading.off / reading.value, LEAST].max
        apart = OTHER.sum { |what, more| (reading.way[what] == @way[what]) ? 0 : more**2 }
        aged = (YEAR * reading.years)**2 + (reading.changed ? CHANGED**2 : 0)
        Math.sqrt(own**2 + apart + aged)
      end
    end
  end
end
