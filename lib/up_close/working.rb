# frozen_string_literal: true

module UpClose
  # The formula of a figure with its numbers filled in:
  # "150 − 2 × 6 = 138.0 mm". Immutable.
  class Working
    attr_reader :formula, :source

    # @param formula [String] the arithmetic, numbers in it, result last
    # @param source [String, nil] where a starting value comes from and what would replace it
    def initialize(formula, source: nil)
      @formula = formula.freeze
      @source = source&.freeze
      freeze
    end

    def to_s = [formula, source].compact.join(" · ")

    # @param other [Object]  @return [Boolean] of one kind, with the same values
    def ==(other) = other.is_a?(Working) && other.to_s == to_s
    alias_method :eql?, :==
    def hash = to_s.hash

    # A plain decimal for people: 38 → "38", 12.40 → "12.4", at most +places+.
    def self.number(value, places = 2)
      text = format("%.#{places}f", value.to_f)
      text = text.sub(/\.?0+\z/, "") if text.include?(".")
      (text == "-0") ? "0" : text.sub("-", "−")
    end
  end
end
