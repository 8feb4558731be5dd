# frozen_string_literal: true

module UpClose
  module Etching
    # A bath that one can make at home, one a file under baths/: what it eats, how fast, how much of it. The small
    # language such a file is written in.
    class Bath
      # rates are told at this warmth
      TOLD_C = 20.0
      # doubled for each so many degrees above (handbook, “Boards and etching”)
      DOUBLES_C = 10.0
      TEMPERATURES = (5..60)
      # how it is moved, and what that does to its rate: starting values
      MOTION = {still: 0.6, moved: 1.0, bubbled: 1.3}.freeze
      # no bath is used up further than this before it is told as spent
      SPENT_AT = 0.7
      # what is poured for one plate at least, ml, and how deep it lies
      LEAST_ML = 100
      LIES_MM = 15.0

      class << self
        extend Declarations

        # key, title, mixed: names, and what is in it. listed: weakest first. holds_g_l: metal that a litre takes up
        # before it is slow. waste: where it goes. cautions: keys of Cautions.
        declares :key, :listed, :title, :mixed, :holds_g_l, :waste, :cautions

        # @return [Hash{String => Float}] metal → µm a minute at TOLD_C, fresh and moved
        def rates = @rates ||= {}

        # @param metal [String]  @param um_a_minute [Numeric]
        def eats(metal, um_a_minute) = rates[metal] = um_a_minute.to_f

        # @return [Hash{String => String}] metal → why it is refused
        def refusals = @refusals ||= {}

        # @param metal [String] its key  @param why [String]
        def refuses(metal, why) = refusals[metal] = why

        # @param metal [Metal]
        # @return [String, nil] why it does not do for it
        def against(metal)
          refusals.fetch(metal.key) { rates.key?(metal.key) ? nil : "This bath does not eat #{metal.title}." }
        end

        # @param metal [Metal]  @param temperature_c [Numeric]  @param motion [Symbol] of MOTION
        # @param taken_g_l [Numeric] metal it has taken up already
        # @return [Float] µm a minute
        # @raise [Errors::Unsuitable] for a metal it does not eat  @raise [Error]
        def rate(metal, temperature_c: TOLD_C, motion: :moved, taken_g_l: 0)
          why = against(metal)
          raise Errors::Unsuitable.new(why, remedy: "Choose another bath.", field: :bath) if why
          check_warmth(temperature_c)
          rates[metal.key] * 2**((temperature_c - TOLD_C) / DOUBLES_C) * MOTION.fetch(motion) * freshness(taken_g_l)
        end

        # how much of its first speed is left
        # @param taken_g_l [Numeric]
        # @return [Float] 0.1..1
        def freshness(taken_g_l) = (1 - taken_g_l / holds_g_l.to_f).clamp(0.1, 1.0)

        # What is poured: enough to cover the plate, and to take up its metal with SPENT_AT to spare.
        # @param grams [Numeric] of metal  @param plate_mm2 [Numeric] bare  @param taken_g_l [Numeric] before
        # @return [Float] ml
        def volume_ml(grams, plate_mm2: 0, taken_g_l: 0)
          [grams / (left_g_l(taken_g_l) * SPENT_AT) * 1000, plate_mm2 * LIES_MM / 1000.0, LEAST_ML].max
        end

        # plates like this one that so much of it etches before it is spent
        # @param grams [Numeric] of metal of one  @param ml [Numeric]  @param taken_g_l [Numeric] before
        # @return [Integer]
        def plates(grams, ml, taken_g_l: 0)
          (ml / 1000.0 * left_g_l(taken_g_l) * SPENT_AT / grams + Tolerance::ROUNDING).floor
        end

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check!
          missing = %i[key title mixed holds_g_l waste cautions].find { |name| public_send(name).nil? }
          missing ||= :eats if rates.empty?
          return unless missing
          raise Errors::BadDefinition.new(
            "The bath #{name} does not say “#{missing}” as it must.", remedy: "Give #{missing}.", field: missing
          )
        end

        private

        # g that a litre still takes up
        # @raise [Errors::Unsuitable] for a bath that is spent
        def left_g_l(taken_g_l)
          return holds_g_l - taken_g_l if taken_g_l < holds_g_l
          raise Errors::Unsuitable.new("#{title} is spent.", remedy: "Mix it fresh.", field: :taken)
        end

        def check_warmth(temperature_c)
          return if temperature_c.is_a?(Numeric) && TEMPERATURES.cover?(temperature_c)
          raise Error.new(
            "A bath of #{temperature_c.inspect} °C is out of range.",
            remedy: "Give #{TEMPERATURES.begin} to #{TEMPERATURES.end} °C.", field: :temperature
          )
        end
      end
    end
  end
end
