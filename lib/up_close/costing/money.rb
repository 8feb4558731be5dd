# frozen_string_literal: true

module UpClose
  module Costing
    # Whole cents: read from what is typed, written with two places, shared out
    # without a cent lost. The currency is the shop's own.
    module Money
      TYPED = /\A(\d{1,7})(?:[.,](\d{1,2}))?\z/

      module_function

      # @param text [String] "12", "12.5", "12,50"
      # @return [Integer] cents
      # @raise [Error]
      def read(text, field: :price)
        whole, part = text.to_s.strip.match(TYPED)&.captures
        raise Error.new("“#{text}” is not a price we can read.", remedy: "Type it as 12.50.", field: field) unless whole
        whole.to_i * 100 + part.to_s.ljust(2, "0").to_i
      end

      # @param cents [Numeric]
      # @return [String] "12.50"; a part of a cent is rounded to the nearest
      def write(cents) = format("%d.%02d", *cents.round.divmod(100))

      # @param currency [String] a sign stands before the amount, letters after it
      # @return [String] "€12.50", "12.50 kr", "under €0.01"
      def with_currency(cents, currency)
        return "under #{with_currency(1, currency)}" if cents.positive? && cents < 1
        currency.match?(/\p{L}/) ? "#{write(cents)} #{currency}" : "#{currency}#{write(cents)}"
      end

      # Whole cents in proportion to weights: what is left over goes to those who lost
      # the most by rounding down, the first of equals first (largest remainders).
      # @param cents [Integer]  @param weights [Array<Numeric>] not all nought
      # @return [Array<Integer>] they sum to +cents+
      def share(cents, weights)
        total = weights.sum.to_r
        exact = weights.map { |w| cents * w.to_r / total }
        shares = exact.map(&:floor)
        order = exact.each_index.sort_by { |i| [shares[i] - exact[i], i] }
        order.first(cents - shares.sum).each { |i| shares[i] += 1 }
        shares
      end
    end
  end
end
