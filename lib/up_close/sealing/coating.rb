# frozen_string_literal: true

module UpClose
  module Sealing
    # A sealer's work as steps: what goes on the piece before the mark, the test on a scrap,
    # the coats in their windows, the cure.
    class Coating
      # a coat of spray clear before a finish that is brushed, poured or wiped
      SPRAY_FIRST_S = 7200
      SPRAY_UM = 20
      SPRAY_CM2_A_MINUTE = 400

      # @param sealer [Class] a Sealer  @param setting [Methods::MethodChoice]
      def initialize(sealer, setting)
        @sealer, @setting = sealer, setting
        @script = Methods::Script.new(setting)
      end

      # @return [Array<Methods::Step>]
      def steps
        scrap_test
        film_rest if residue == :film && sealer.film_rest_s
        spray_first if sealer.spray_first.include?(residue)
        1.upto(many) { |number| coat(number) }
        bake if sealer.heat_c
        cure
        @script.steps
      end

      # @return [Array<Methods::Step>]
      def under_steps
        count, apart = sealer.under.values_at(:count, :apart_s)
        1.upto(count) do |number|
          follows = {after: "under_#{number - 1}", window: apart.., dries: drying, when_late: "Go on."}
          @script.hands "under_#{number}", "#{sealer.title}: undercoat #{number} of #{count}", sealer.coat_words,
            phase: :prepare, for: :piece, cautions: sealer.cautions, **pace, consumes: [
              coat_supply
            ], **((number > 1) ? follows : {})
        end
        @script.wait "under_dry",
          "Let the undercoats dry",
          "Level, out of the dust.",
          phase: :prepare,
          lasts: apart,
          dries: drying,
          place: :drying
        @script.steps
      end

      private

      attr_reader :sealer

      def residue = @setting.left

      def many = @setting.coats || sealer.coats

      def drying = sealer.water? ? :water : true

      # how long a coat takes to lay, from its area
      def pace
        rate = sealer.coated_cm2_a_minute || SPRAY_CM2_A_MINUTE
        {lasts: 20, each: Methods::Pace.area(@setting.coat_mm2, rate, fixed: 15)}
      end

      def coat_supply
        @script.coat(
          sealer.supply,
          sealer.wet_um,
          mm2: @setting.coat_mm2,
          sprayed: sealer.sprayed?,
          least: sealer.least_ml
        )
      end

      def scrap_test
        @script.hands "scrap_test",
          "Try it on a scrap",
          "The same print, the same ground, one coat: look after ten minutes.",
          phase: :seal,
          lasts: 120,
          cautions: sealer.cautions,
          look_for: "no run, no bleeding, no craze.",
          never: "skip it with a new can.",
          for: :piece
      end

      # what the method has waited already counts
      def film_rest
        waited = @setting.steps.last.then { |step| step.wait? ? step.least_s : 0 }
        @script.wait "film_rest",
          "Let the film dry through",
          "Water still leaves it for a day: a thick coat over it turns cloudy and bubbles.",
          phase: :seal,
          lasts: [sealer.film_rest_s - waited, 0].max,
          dries: true,
          early: "Water under the coat comes up as bubbles and silver."
      end

      def spray_first
        @script.hands "spray_first",
          "One coat of spray acrylic first",
          "Thin, past both edges: it holds the mark down.",
          phase: :seal,
          for: :piece,
          cautions: %i[spray],
          lasts: 20,
          each: Methods::Pace.area(@setting.coat_mm2, SPRAY_CM2_A_MINUTE, fixed: 15),
          consumes: [@script.coat("spray-acrylic-clear", SPRAY_UM, mm2: @setting.coat_mm2, sprayed: true)],
          after: before_coats,
          window: (Sealer::SCRAP_S..)
        @script.wait "spray_first_dry",
          "Let that coat dry", "Two hours.", phase: :seal, lasts: SPRAY_FIRST_S, dries: true, cautions: %i[spray]
      end

      # the step that the first coat waits for
      def before_coats = "scrap_test"

      def coat(number)
        sand(number) if sealer.sanded? && number > 2
        @script.hands "seal_#{number}",
          "#{sealer.title}: coat #{number} of #{many}",
          sealer.coat_words,
          phase: :seal,
          for: :piece,
          cautions: sealer.cautions,
          look_for: "an even sheen.",
          never: "chase a run: let it dry, sand it, go on.",
          **pace,
          consumes: [coat_supply],
          **window(number)
      end

      def window(number)
        return {after: before_coats, window: (Sealer::SCRAP_S..)} if number == 1
        {
          after: "seal_#{number - 1}",
          window: sealer.between_s,
          dries: drying,
          when_late: "Past its window: let it harden a day, sand lightly with 400, then coat."
        }
      end

      def sand(number)
        @script.hands "sand_#{number}",
          "Sand lightly",
          "400 or finer, only where the mark is buried already; wipe the dust off.",
          phase: :seal,
          for: :piece,
          lasts: 10,
          each: Methods::Pace.area(@setting.coat_mm2, 100, fixed: 15),
          cautions: %i[dust],
          after: "seal_#{number - 1}",
          window: sealer.between_s,
          dries: drying,
          when_late: "Sand a little more."
      end

      def bake
        @script.wait "bake_seal", "Bake at #{sealer.heat_c} °C", "An oven thermometer, not the dial.", phase: :seal,
          lasts: 1800..2100, place: :oven, batch: 12, for: :piece, temperature_c: sealer.heat_c,
          cautions: sealer.cautions
      end

      # from the last coat, or from the oven
      def cure
        moments =
          {touch: sealer.touch_s, next_coat: sealer.between_s.begin, handle: sealer.handle_s, full: sealer.cure_s}
        @script.wait "cure", "Let it cure", "Warm and dry, out of the dust. Ready when this is over.",
          phase: :seal, lasts: sealer.cure_s, dries: drying, never: "pack or handle it before.", moments: moments,
          early: "Handled before it has cured, it takes the print of whatever touches it. Its true time stays."
      end
    end
  end
end
