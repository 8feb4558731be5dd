# frozen_string_literal: true

module UpClose
  module Surfaces
    # What a flat sheet takes when it is laid on double curvature. Starting values.
    module Strain
      # Frozen.
      Taker = Value.define(:key, :words, :share)
      ALL = [
        Taker.new("film", "dry film", 0.01), Taker.new("softened", "film with softener", 0.035),
        Taker.new("paper", "paper", 0.003), Taker.new("foil", "pressed thin foil", 0.02)
      ].each(&:freeze).freeze

      module_function

      # @return [Taker]
      def fetch(key) = ALL.find { |taker| taker.key == key.to_s } || raise(KeyError, key.to_s)

      # who takes a strain, in words
      # @param strain [Float] 0.012 for 1.2 %
      def words(strain)
        takes, not_so = ALL.partition { |taker| strain <= taker.share }
        return "No flat sheet follows this curve: it needs relief cuts or gores." if takes.empty?
        others = "; #{list(not_so)} #{(not_so.size == 1) ? "does" : "do"} not" if not_so.any?
        "#{list(takes).sub(/\A./, &:upcase)} #{(takes.size == 1) ? "takes" : "take"} it#{others}."
      end

      # @param takers [Array]  @return [String] "film and foil"
      def list(takers) = takers.map(&:words).join(", ").sub(/, ([^,]+)\z/, " and \\1")

      # verdict for film with softener at hand
      def verdict(strain)
        return :fine if strain <= fetch("film").share
        (strain <= fetch("softened").share) ? :watch : :stop
      end
    end
  end
end
