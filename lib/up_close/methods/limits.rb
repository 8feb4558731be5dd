# frozen_string_literal: true

module UpClose
  module Methods
    # What a method holds on a kind of printer: the one lookup that every check
    # of artwork goes through. A shop's own record, where there is one, stands
    # before the starting values. Frozen.
    class Limits
      STARTING = "a starting value; your own coupon replaces it"
      # the methods say what they hold; what they leave out is this
      # lightest: the lightest tone that the printer still lays, as a share of full ink.
      # every_place: one place that is too thin spoils it (a resist, a board).
      # advisory: a place that is too thin is worth a look, and stops nothing.
      # line_mm, gap_mm, solid_mm: nil where it does not matter
      # bare_share: what stays bare of its box for a bath to etch evenly, a Range of shares; nil: no matter
      USUAL = {
        line_mm: 0.3,
        gap_mm: 0.3,
        solid_mm: 12.0,
        dpi: 300,
        line_dpi: 600,
        x_height_mm: 1.2,
        tones: true,
        spread_mm: 0.02,
        lightest: 0.05,
        every_place: false,
        advisory: false,
        bare_share: nil
      }.freeze

      # @param method [Class] a Definition  @param printer [Symbol]
      # @param purpose [Class, nil] a Purposes::Purpose: what it asks comes before what the method holds
      # @param recorded [Hash{Symbol => Array(Numeric, String)}] limit → value and where it comes from
      def self.for(method:, printer:, purpose: nil, recorded: {})
        new({**USUAL, **method.holds(printer.to_sym), **purpose&.limits.to_h}, recorded)
      end

      def initialize(starting, recorded)
        @starting, @recorded = starting.freeze, recorded.freeze
        freeze
      end

      # a drift of less than a ten-thousandth, as records grow old, is none
      # @see Identity
      def identity = [@starting, @recorded.transform_values { |value, _| value.round(4) }]

      # @return [Numeric, Boolean]
      # @raise [KeyError]
      def [](name) = @recorded.key?(name) ? @recorded[name].first : @starting.fetch(name)

      # The same, but for one length of which more is asked for.
      # @param least [Numeric] mm  @param why [String] where that comes from
      # @return [Limits]
      def at_least(name, least, why)
        (self[name].nil? || self[name] >= least) ? self : Limits.new(@starting, @recorded.merge(name => [least, why]))
      end

      # @return [String] where it comes from
      def source(name) = @recorded.key?(name) ? @recorded[name].last : "#{Working.number(self[name])} is #{STARTING}"
    end
  end
end
