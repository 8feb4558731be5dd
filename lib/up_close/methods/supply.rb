# frozen_string_literal: true

module UpClose
  module Methods
    # What a step uses up: so much for one copy, and no less than a least amount at a time,
    # since a shop pours or mixes no smaller one. Frozen; written and read as a plain hash.
    class Supply
      # units that are poured or cut off; the others are counted
      MEASURED = %w[ml cm g].freeze
      DROP_ML = 0.1

      attr_reader :kind, :title, :amount, :least, :working

      # @param kind [Supplies::Kind]  @param amount [Numeric] for one copy, in its unit
      # @param title [String] where it says more than the kind's own: "white rags for alcohol"
      # @param least [Numeric, nil] poured or mixed at a time, whatever the number
      # @param working [String, nil] how the amount comes about
      def initialize(kind:, amount:, title: kind.title, least: nil, working: nil)
        @kind, @title, @amount, @least, @working = kind, title, amount, least, working
        freeze
      end

      # @return [String]
      def key = kind.key

      # @return [String]
      def unit = kind.unit

      # @param kept [Supply, Hash, Array] as kept with a run; older runs kept title, amount and unit
      def self.read(kept)
        return kept if kept.is_a?(Supply)
        return read(%w[title amount unit].zip(kept).to_h) if kept.is_a?(Array)
        figures = kept.transform_keys(&:to_sym)
        new(
          kind: Supplies.kept(figures[:key], figures[:title], figures[:unit]),
          **figures.slice(:title, :amount, :least, :working)
        )
      end

      # @param copies [Integer]
      # @return [Float] to have at hand for all of them
      def for(copies) = [amount * copies, least || 0].max

      # true when the least amount decides
      def rounded_up?(copies) = !least.nil? && least > amount * copies

      # what to have at hand: things are whole, and what is less than a drop is a drop
      # @return [String] "4 ml of acetone", "2 cotton swabs", "part of a sheet of carbon paper"
      def words(copies = 1)
        amount = self.for(copies)
        words = MEASURED.include?(unit) ? measured(amount) : counted(amount)
        rounded_up?(copies) ? "#{words} (that is the least you can pour)" : words
      end

      def to_h
        {
          "key" => key, "title" => title, "amount" => amount, "unit" => unit, "least" => least, "working" => working
        }.compact
      end

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Supply) && to_h == other.to_h
      alias_method :eql?, :==
      def hash = to_h.hash

      private

      def measured(amount)
        return "a drop of #{title}" if unit == "ml" && amount < DROP_ML
        "#{Working.number(amount, (amount < 10) ? 1 : 0)} #{unit} of #{title}"
      end

      def counted(amount)
        singular = unit.delete_suffix("s")
        return "part of a #{singular} of #{title}" if amount < 1 && unit == "sheets"
        number = (amount - Tolerance::ROUNDING).ceil.clamp(1..)
        named = title.match?(/\b#{singular}s?\b/) ? title : "#{unit} of #{title}"
        "#{number} #{named.sub(/\b#{singular}s?\b/, (number == 1) ? singular : unit)}"
      end
    end
  end
end
