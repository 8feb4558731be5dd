# frozen_string_literal: true

module UpClose
  module Methods
    # What a step uses up: so much for one copy, and no less than a least amount at a time,
    # since a shop pours or mixes no smaller one. Frozen; written and read as a plain hash.
    class Supply
      attr_reader :title, :amount, :unit, :least, :working

      # @param title [String]  @param amount [Numeric] for one copy, in +unit+
      # @param least [Numeric, nil] poured or mixed at a time, whatever the number
      # @param working [String, nil] how the amount comes about
      def initialize(title:, amount:, unit:, least: nil, working: nil)
        @title, @amount, @unit, @least, @working = title, amount, unit, least, working
        freeze
      end

      # @param kept [Supply, Hash, Array] as kept with a run; older runs kept title, amount and unit
      def self.read(kept)
        return kept if kept.is_a?(Supply)
        return new(title: kept[0], amount: kept[1], unit: kept[2]) if kept.is_a?(Array)
        new(**kept.transform_keys(&:to_sym).slice(:title, :amount, :unit, :least, :working))
      end

      # @param copies [Integer]
      # @return [Float] to have at hand for all of them
      def for(copies) = [amount * copies, least || 0].max

      # true when the least amount decides
      def rounded_up?(copies) = !least.nil? && least > amount * copies

      # @return [String] "4 ml of acetone, at least 2 ml poured"
      def words(copies = 1)
        said = "#{Working.number(self.for(copies), places(self.for(copies)))} " \
          "#{title.end_with?(unit) ? title : "#{unit} of #{title}"}"
        rounded_up?(copies) ? "#{said} (that is the least you can pour)" : said
      end

      # decimals that a maker can use
      def places(amount) = if amount < 0.1
                             3
                           else
                             ((amount < 10) ? 2 : 0)
                           end
      private :places

      def to_h = {"title" => title, "amount" => amount, "unit" => unit, "least" => least, "working" => working}.compact

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = other.is_a?(Supply) && to_h == other.to_h
      alias_method :eql?, :==
      def hash = to_h.hash
    end
  end
end
