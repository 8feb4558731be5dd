# frozen_string_literal: true

module UpClose
  module Timetable
    # What the room does to drying and curing: twice as long for every 10 °C below 20,
    # half for every 10 above, no more than four times either way (a rule of thumb,
    # handbook, “Timetable”); what is water-based is slower above 60 % humidity. Frozen.
    class Climate
      TEMPERATURES = (2..45)
      HUMIDITIES = (5..98)
      BOUNDS = [0.25, 4.0].freeze
      ASSUMED = "drying at 20 °C doubled for every 10 °C below, halved for every 10 above, at most four times: a " \
        "rule of thumb"

      attr_reader :temperature_c, :humidity

      # @raise [Error] for a room no one works in
      def initialize(temperature_c: 20.0, humidity: 50.0)
        @temperature_c, @humidity = temperature_c.to_f, humidity.to_f
        unless TEMPERATURES.cover?(@temperature_c)
          refuse(
            "Nothing dries well at #{Working.number(@temperature_c)} °C.",
            "Work between #{TEMPERATURES.begin} and #{TEMPERATURES.end} °C.",
            :temperature_c
          )
        end
        unless HUMIDITIES.cover?(@humidity)
          refuse(
            "A humidity of #{Working.number(@humidity)} % is not possible in a room.",
            "Give #{HUMIDITIES.begin} to #{HUMIDITIES.end} %.",
            :humidity
          )
        end
        freeze
      end

      # @param given [Hash{String => Numeric}] a room as a request has it: temperature_c, humidity
      # @raise [Error] at the one that is no number, or of a room no one works in
      def self.asked(given)
        figures = given.slice("temperature_c", "humidity").compact
        odd, value = figures.find { |_, figure| !figure.is_a?(Numeric) }
        raise Error.new("“#{odd}” is #{value.inspect}.", remedy: "Give a number.", field: odd.to_sym) if odd
        new(**figures.transform_keys(&:to_sym))
      end

      # @param dries [true, Symbol] :water for what is water-based
      def factor(dries = true)
        warmth = (2**((20 - temperature_c) / 10)).clamp(*BOUNDS)
        damp = (dries == :water) ? 1 + [humidity - 60, 0].max / 40.0 : 1
        (warmth * damp).clamp(*BOUNDS)
      end

      # @param step [Methods::Step]
      # @return [Methods::Step] with its times as this room makes them
      def call(step)
        return step unless step.dries
        by = factor(step.dries.to_s.include?("water") ? :water : true)
        return step if by == 1
        return open_as_long(step, by) if step.dries.to_s.start_with?("open")
        # a window that opens later shuts no sooner after it
        late = step.latest_s && [step.latest_s, step.earliest_s.to_f * by + (step.latest_s - step.earliest_s.to_f)].max
        step.with(
          **(step.wait? ? longer(step, by) : {earliest_s: step.earliest_s && step.earliest_s * by, latest_s: late})
        )
      end

      # what has to be laid while something else is wet: the sooner that dries, the sooner it shuts
      def open_as_long(step, by)
        step.with(
          earliest_s: step.earliest_s && step.earliest_s * by, latest_s: step.latest_s && step.latest_s * by,
          best_s: step.best_s && step.best_s * by
        )
      end

      # @param by [Float] how many times as long  @return [Hash] fields of a step
      def longer(step, by)
        {
          least_s: step.least_s * by,
          most_s: step.most_s && step.most_s * [by, 1].max,
          moments: step.moments&.transform_values { |seconds| seconds * by }
        }
      end
      private :longer, :open_as_long

      # @return [Working]
      def working
        Working.new(
          "2 ^ ((20 − #{Working.number(temperature_c)}) ÷ 10) = #{Working.number(factor)} times as long; " \
          "water-based × #{Working.number(factor(:water) / factor)} at #{Working.number(humidity, 0)} %",
          source: ASSUMED
        )
      end

      private

      def refuse(reason, remedy, field) = raise(Error.new(reason, remedy: remedy, field: field))
    end
  end
end
