# frozen_string_literal: true

module UpClose
  module Sealing
    # The small language a sealer is written in: what it does over each residue,
    # how many coats, how long between, how long to cure.
    class Sealer
      RESIDUES = {film: "water-slide film", toner: "toner", dye_ink: "raw dye ink", medium: "baked or dried medium", tape: "clear tape", foil: "printed foil", line: "a drawn line", resist: "etch resist"}.freeze
      # what is judged like something else where a sealer says nothing of its own
      LIKE = {medium: :toner, tape: :film, foil: :film, line: :toner, resist: :toner}.freeze

      MOST_COATS = 10
      # how long a coat on a scrap is given to craze or bleed
      SCRAP_S = 600

      class << self
        def self.declares(*names)
          names.each do |name|
            define_method(name) { |*value| value.empty? ? instance_variable_get(:"@#{name}") : instance_variable_set(:"@#{name}", value.first) }
          end
        end

        # coats: Integer. between_s: Range, seconds. cure_s: seconds. cautions: Array<Symbol>. coat_words: how to lay one.
        # sheen: :gloss, :satin, :matt. wet_um: thickness of a wet coat, µm. can_ml: what a can or jar holds. heat_c: it is baked.
        declares :key, :title, :summary, :coats, :between_s, :cure_s, :coat_words, :sheen, :wet_um, :can_ml, :heat_c

        # as many as still bury and hold a mark, though for less long: a starting value
        def fewest(*value) = value.empty? ? @fewest || [coats, 2].min : @fewest = value.first

        # half of what leaves a spray can misses the piece: a starting value
        OVERSPRAY = 2.0

        def sprayed = @sprayed = true

        def sprayed? = @sprayed == true

        # sanded lightly between coats that form a film
        def sanded = @sanded = true

        def sanded? = @sanded == true

        # shines as the piece does, or is as dull
        # @param finish [Materials::Finish]
        def like?(finish) = sheen == (finish.glossy? ? :gloss : :matt)

        # What all coats take.
        # @param area_mm2 [Float] to be covered, all copies  @param coats [Integer] so many
        # @return [Finding, nil] ml and cans
        def amount(area_mm2, coats: self.coats)
          return unless wet_um && coats.positive?
          ml = area_mm2 * coats * wet_um / 1e6 * (sprayed? ? OVERSPRAY : 1)
          Finding.new(key: :amount, title: "It takes", verdict: :note, figure: "#{Working.number(ml, (ml < 10) ? 1 : 0)} ml", value: ml, unit: "ml",
            working: Working.new("#{coats} coats × #{Working.number(area_mm2 / 100, 1)} cm² × #{Working.number(wet_um, 0)} µm#{" × #{Working.number(OVERSPRAY)} for what misses" if sprayed?} = #{Working.number(ml, 2)} ml", source: "#{Working.number(wet_um, 0)} µm wet is a starting value"),
            reason: "#{(ml / can_ml < 0.01) ? "Under 1" : Working.number(ml / can_ml * 100, 0)} % of a #{sprayed? ? "can" : "jar"} of #{Working.number(can_ml, 0)} ml: #{(ml / can_ml).ceil} will do.")
        end

        def cautions(*keys) = keys.empty? ? @cautions || [] : @cautions = keys

        def water_based = @water = true

        def water? = @water == true

        def verdicts = @verdicts ||= {}

        # @param verdict [Symbol] :fine, :watch, :stop
        def over(residue, verdict, reason, remedy = nil) = verdicts[residue] = [verdict, reason, remedy]

        # @return [Finding]
        def finding(residue:, material: nil)
          return too_hot(material) if heat_c && material && (material.family != :metal || material.heat_c < heat_c)
          return resist if residue == :resist && coats.positive?
          verdict, reason, remedy = verdicts[residue] || verdicts.fetch(LIKE.fetch(residue, residue))
          Finding.new(key: :sealer_pair, title: "#{title} over #{RESIDUES[residue]}", verdict: verdict, figure: (verdict == :stop) ? "no" : ("#{coats} coats" if coats.positive?), reason: reason, remedy: remedy)
        end

        def too_hot(material)
          Finding.new(key: :sealer_pair, title: "#{title} on #{material.title}", verdict: :stop, figure: "#{heat_c} °C", reason: "It is baked at #{heat_c} °C: for metal only.", remedy: "Use spray acrylic clear.")
        end

        def resist
          Finding.new(key: :sealer_pair, title: "#{title} over etch resist", verdict: :stop, figure: "no", reason: "An etch resist is washed off after the bath; a coat over it would be etched round.", remedy: "Leave it bare, and seal the etched piece.")
        end

        # the sealing, as steps of a run
        # @return [Array<Methods::Step>]
        def steps(setting) = Methods::Script.new(setting).tap { |script| tell(script) }.steps

        private

        def tell(script)
          return if coats.zero?
          script.hands "scrap_test", "Try it on a scrap", "The same print, the same ground, one coat: look after ten minutes.", phase: :seal, lasts: 120, cautions: cautions, look_for: "no run, no bleeding, no craze.", never: "skip it with a new can."
          many = script.setting.coats || coats
          1.upto(many) { |coat| lay(script, coat, many) }
          script.wait "bake_seal", "Bake at #{heat_c} °C", "An oven thermometer, not the dial.", phase: :seal, lasts: 1800..2100, place: :oven, batch: 12, temperature_c: heat_c, cautions: cautions if heat_c
          script.wait "cure", "Let it cure", "Warm and dry, out of the dust. Ready when this is over.", phase: :seal, lasts: cure_s, dries: drying, never: "pack or handle it before."
        end

        def lay(script, coat, many)
          first = coat == 1
          script.hands "sand_#{coat}", "Sand lightly", "400 or finer, only where the mark is buried already; wipe the dust off.", phase: :seal, lasts: 60, each: 30, cautions: %i[dust], after: "seal_#{coat - 1}", window: between_s, dries: drying, late: "Sand a little more." if sanded? && coat > 2
          script.hands "seal_#{coat}", "#{title}: coat #{coat} of #{many}", coat_words, phase: :seal, lasts: 120, cautions: cautions, look_for: "an even sheen.", never: "chase a run: let it dry, sand it, go on.",
            **(first ? {after: "scrap_test", window: (SCRAP_S..)} : {after: "seal_#{coat - 1}", window: between_s, dries: drying, late: "Past its window: let it harden a day, sand lightly with 400, then coat."})
        end

        def drying = water? ? :water : true
      end
    end
  end
end
