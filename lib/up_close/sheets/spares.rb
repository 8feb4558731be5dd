# frozen_string_literal: true

module UpClose
  module Sheets
    # The chance that one try succeeds, and how many to plan so that enough come out good: the
    # fewest n with P(at least k good of n) ≥ 95 % (binomial). One chance for one way of doing
    # it: where the method starts, times what speaks against it here, then the shop's own
    # record (Record::PooledChance, begun at that). Frozen.
    class Spares
      SURE = 0.95
      MOST = 500
      LEAST = 0.02

      attr_reader :wanted, :chance, :on_a_miss, :known

      # @param wanted [Integer] good ones, 1 or more
      # @param start [Float] the starting chance, above 0, at most 1
      # @param factors [Array<Array(String, Float)>] what speaks against it, and what that leaves of the chance
      # @param good [Integer] on record, good or usable  @param tried [Integer] on record
      # @param others [Array<Array(Integer, Integer)>] the same of other ways of this method
      # @param on_a_miss [Symbol] as Methods::Definition has it
      def initialize(wanted, start:, factors: [], good: 0, tried: 0, others: [], on_a_miss: :piece)
        @wanted, @start, @factors, @on_a_miss = wanted, start, factors.freeze, on_a_miss
        @known = Record::PooledChance.new(expected, own: [good, tried], others: others)
        @chance = (tried.zero? && known.others.empty?) ? expected : known.mean
        freeze
      end

      # @param findings [Array<Finding>]
      # @return [Array<Array(String, Float)>]
      def self.factors_of(findings) = findings.select(&:factor).map { |f| [f.title.downcase, f.factor] }

      # what is expected here before anything is on record
      def expected = @factors.reduce(@start) { |product, (_, factor)| product * factor }.clamp(LEAST, 1.0)

      # prints to make; a print that serves again needs no spares
      # @return [Integer, nil] nil when even MOST are not enough
      def print = (on_a_miss == :rubbed_out) ? wanted : tries

      # how often it is to be attempted
      # @return [Integer, nil]
      def tries = (wanted..MOST).find { |n| sure(n) >= SURE }

      # P(at least +wanted+ of n), summed from the term for none spoilt downwards
      def sure(n)
        return 1.0 if chance >= 1
        term = chance**n
        (1..n - wanted).reduce(term) do |sum, spoilt|
          term *= (n - spoilt + 1) / spoilt.to_f * (1 - chance) / chance
          sum + term
        end
      end

      # @param copies [Integer] as laid out now
      # @return [Finding]
      def finding(copies)
        return serves_again if on_a_miss == :rubbed_out
        enough = tries
        Finding.new(
          key: :spares,
          title: (on_a_miss == :again) ? "Tries" : "Spares",
          verdict: enough?(copies) ? :fine : :watch,
          figure: enough ? "print #{enough} to get #{wanted}" : "over #{MOST}",
          value: enough,
          unit: "copies",
          working: working(enough),
          reason: reason(copies),
          remedy: (copies < enough.to_i) ? "Print #{enough} to get #{wanted}." : nil
        )
      end

      # the chance by itself, and where it comes from
      # @return [Working]
      def chance_working
        told = known.working
        return told if @factors.empty?
        steps = [n(@start), *@factors.map { |title, factor| "#{n(factor)} (#{title})" }]
        begun = "#{steps.join(" × ")} = #{n(expected)}"
        return Working.new(begun, source: told.source) if known.own.tried.zero? && known.others.empty?
        Working.new("#{told.formula}; #{begun}", source: told.source)
      end

      # @return [Finding] the chance that one try succeeds, with what speaks against it
      def chance_finding
        against = @factors.map { |title, factor| "#{title} leaves #{(factor * 100).round} % of it" }
        Finding.note(
          :chance, "Chance of each try",
          figure: "#{(chance * 100).round} in 100", value: chance * 100, unit: "in 100", working: chance_working,
          reason: [against_words(against), own_words].compact.join(" ")
        )
      end

      private

      def against_words(against)
        against.any? ? "#{against.join("; ").sub(/\A./, &:upcase)}." : "Suits this piece."
      end

      # "7 of 10 came out; most likely 4 to 9 of the next 10 (9 times in 10)."
      def own_words = known.own.tried.zero? ? nil : "Here #{known.words}."

      def enough?(copies) = copies >= wanted && sure(copies) >= SURE

      def serves_again
        Finding.fine(
          :spares, "Tries",
          figure: "print #{wanted} to get #{wanted}", value: wanted, unit: "copies", working: working(tries),
          reason: "A failed try is rubbed out and done again with the same print. You need no spares."
        )
      end

      def reason(copies)
        return "With #{copies} you cannot get #{wanted} good ones." if copies < wanted
        tried = (on_a_miss == :again) ? " A failed try is wiped off. Each try uses one print." : ""
        "Print #{copies}: the chance of #{wanted} good ones is #{percent(sure(copies))}. " \
        "#{(SURE * 100).round} % is wanted.#{tried}"
      end

      def working(enough)
        many = enough || MOST
        Working.new(
          "P(at least #{wanted} of #{many}) = Σ C(n, i) × #{n(chance)}ⁱ × #{n(1 - chance)}ⁿ⁻ⁱ = " \
          "#{percent(sure(many))}; chance of each: #{chance_working.formula}",
          source: chance_working.source
        )
      end

      def percent(share) = (share > 0.999) ? "over 99.9 %" : "#{Working.number(share * 100, 1)} %"

      def n(value) = Working.number(value)
    end
  end
end
