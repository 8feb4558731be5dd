# frozen_string_literal: true

module UpClose
  module Record
    # What is on record of every way of doing it: method, printer and stock. Frozen.
    class Ways
      # @param counts [Hash{Array(String, String, String) => Array(Numeric, Numeric)}] method, printer and stock →
      #   good or usable ones, and all that were tried
      # @param elsewhere [Hash{String => Array(Numeric, Numeric)}] by method, the same as other shops noted it
      def initialize(counts = {}, elsewhere: {})
        @counts = counts.to_h.transform_keys { |key| key.map(&:to_s) }.freeze
        @elsewhere = elsewhere.freeze
        freeze
      end

      # @return [Array(Numeric, Numeric)] good, tried
      def own(method_key, printer, stock) = @counts.fetch([method_key, printer, stock].map(&:to_s), [0, 0])

      # other ways of the same method, other shops' last
      # @return [Array<Array(Numeric, Numeric)>]
      def others(method_key, printer, stock)
        mine = [method_key, printer, stock].map(&:to_s)
        here = @counts.select { |key, _| key.first == mine.first && key != mine }.values
        here + [@elsewhere[mine.first]].compact
      end

      # for Sheets::Spares
      # @return [Hash]
      def of(method_key, printer, stock)
        good, tried = own(method_key, printer, stock)
        {good: good, tried: tried, others: others(method_key, printer, stock)}
      end
    end
  end
end
