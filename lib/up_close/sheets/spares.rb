# frozen_string_literal: true

module UpClose
  module Sheets
    # How many to print so that enough come out good: the fewest n with
    # P(at least k good of n) ≥ 95 %, each good with chance p (binomial). Frozen.
    class Spares
      SURE = 0.95
      MOST = 500
      # a starting chance counts as much as so many attempts on record
      WEIGHT = 4

      attr_reader :wanted, :chance

      # @param wanted [Integer] good ones, 1 or more
      # @param start [Float] the starting chance, above 0, below 1
      # @param good [Integer] on record, good or usable  @param tried [Integer] on record
      def initialize(wanted, start:, good: 0, tried: 0)
        @wanted, @start, @good, @tried = wanted, start, good, tried
        # the mean of a beta distribution begun at the starting chance
        @chance = (start * WEIGHT + good) / (WEIGHT + tried).to_f
        freeze
      end

      # @return [Integer, nil] nil when even MOST are not enough
      def print = (wanted..MOST).find { |n| sure(n) >= SURE }

      # P(at least +wanted+ of n), summed from the term for none spoilt downwards
      def sure(n)
        term = chance**n
        (1..n - wanted).reduce(term) do |sum, spoilt|
          term *= (n - spoilt + 1) / spoilt.to_f * (1 - chance) / chance
          sum + term
        end
      end

      # @param copies [Integer] as laid out now
      # @return [Finding]
      def finding(copies)
        enough = print
        Finding.new(key: :spares, title: "Spares", verdict: (sure([copies, wanted].max) >= SURE && copies >= wanted) ? :fine : :watch, figure: enough ? "#{enough} for #{wanted}" : "over #{MOST}", value: enough, unit: "copies",
          working: working(enough), reason: reason(copies), remedy: (copies < enough.to_i) ? "Print #{enough}." : nil)
      end

      private

      def reason(copies)
        return "With #{copies} there cannot be #{wanted} good ones." if copies < wanted
        "Of #{copies}, #{wanted} come out good with #{percent(sure(copies))}; #{(SURE * 100).round} % is wanted."
      end

      def working(enough)
        Working.new("P(at least #{wanted} of #{enough || MOST}) = Σ C(n, i) × #{Working.number(chance)}ⁱ × #{Working.number(1 - chance)}ⁿ⁻ⁱ = #{percent(sure(enough || MOST))}; a chance of #{Working.number(chance)} each",
          source: @tried.zero? ? "#{Working.number(@start)} is a starting value: your record will replace it" : "#{@good} of #{@tried} on record came out, with a starting value of #{Working.number(@start)} counted as #{WEIGHT} more")
      end

      def percent(share) = (share > 0.999) ? "over 99.9 %" : "#{Working.number(share * 100, 1)} %"
    end
  end
end
