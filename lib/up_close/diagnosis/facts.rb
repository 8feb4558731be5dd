# frozen_string_literal: true

module UpClose
  module Diagnosis
    # What is known of one attempt that did not come out. Anything but the method may be nil: not known. Frozen.
    class Facts
      # numbers and what they may be; for reading from outside
      NUMBERS = {
        grit: 20..5000, width_mm: 0.1..5000.0, height_mm: 0.1..5000.0, finest_mm: 0.0..500.0, gap_mm: 0.0..500.0,
        solid_mm: 0.0..5000.0, line_limit_mm: 0.0..50.0, gap_limit_mm: 0.0..50.0, solid_limit_mm: 0.0..5000.0,
        temperature_c: -20.0..60.0, humidity: 0.0..100.0, nth: 1..500, coats: 0..30, strain: 0.0..1.0,
        ground_um: 0.0..5000.0, ground_limit_um: 0.0..5000.0, lightness: 0.0..100.0
      }.freeze
      # what is only so or not
      YES_NO = %i[calibrated sealer_clash tinted_ground new_lot].freeze
      # what a photo of it was measured to show; see Outcomes
      SEEN = %i[missing_share spots largest_mm shift_mm haze tint].freeze
      # where a fault was tapped, or a photo found it
      PLACES = {
        rim: "at the rim", middle: "in the middle", one_side: "on one side", along_grain: "along the grain",
        solids: "in the solids", thin_lines: "in the thin lines", everywhere: "all over"
      }.freeze

      attr_reader :choice, :faults, :places, :times, :passes, :answers, :seen, :sealer, :given

      # @param choice [Methods::MethodChoice] what it was done by
      # @param faults [Array<String>] of Record::FAULTS  @param places [Array<Symbol>] of PLACES
      # @param times [Array<Record::StepTime>]  @param passes [Hash{String => Array(Integer, Integer)}] counted, usual
      # @param sealer [Class, nil] a Sealing::Sealer
      # @param answers [Hash{String => String}] question key → answer key
      # @param seen [Hash{Symbol => Float}] of SEEN
      # @param given [Hash{Symbol => Object}] of NUMBERS and YES_NO
      def initialize(choice:, faults: [], places: [], times: [], passes: {}, sealer: nil, answers: {}, seen: {},
        given: {})
        @choice, @faults, @places, @times, @passes = choice, faults, places, times, passes
        @sealer, @answers, @seen, @given = sealer, answers, seen, given.freeze
        @steps = choice.steps.to_h { |step| [step.key, step] }
        freeze
      end

      # the same with some of it changed
      def with(**changes)
        Facts.new(
          choice: choice, faults: faults, places: places, times: times, passes: passes, sealer: sealer,
          answers: answers, seen: seen, given: given, **changes
        )
      end

      # @return [Numeric, Boolean, nil] one of NUMBERS or YES_NO
      def [](name) = given[name]

      def method_core = choice.transfer_method

      def residue = method_core.residue

      # @param key [String] of a step, without piece or lot
      # @return [Boolean] whether this way of doing it has that step
      def does?(*keys) = keys.any? { |key| @steps.key?(key) }

      # @return [Methods::Step, nil]
      def step(key) = @steps[key]

      # @return [Record::StepTime, nil] the last of that step
      def time(key) = times.reverse.find { |time| time.step == key }

      # @param key [String] of a step  @return [Float, nil]
      def late_s(key) = time(key)&.late_s

      # @param key [String] of a step  @return [Float, nil]
      def early_s(key) = time(key)&.early_s

      def coated? = choice.finish&.coated?

      # a finish goes over it
      def under_a_coat? = sealer ? sealer.coats.positive? : false

      def family = choice.material&.family

      # what a print is laid into, in a word
      def medium = method_core.medium_in(choice.picked) || "medium"

      # of a share of its box
      # @return [Float, nil] mm², of the box it fills
      def area_mm2 = self[:width_mm] && self[:height_mm] && self[:width_mm] * self[:height_mm]
    end
  end
end
