# frozen_string_literal: true

module UpClose
  module Sealing
    # The small language a sealer is written in: what it does over each residue,
    # how many coats, how long between, how long to cure.
    class Sealer
      RESIDUES = {film: "water-slide film", toner: "toner", dye_ink: "raw dye ink", medium: "baked or dried medium", tape: "clear tape", foil: "printed foil", line: "a drawn line", resist: "etch resist"}.freeze
      # what is judged like something else where a sealer says nothing of its own
      LIKE = {medium: :toner, tape: :film, foil: :film, line: :toner, resist: :toner}.freeze

      class << self
        def self.declares(*names)
          names.each do |name|
            define_method(name) { |*value| value.empty? ? instance_variable_get(:"@#{name}") : instance_variable_set(:"@#{name}", value.first) }
          end
        end

        # coats: Integer. between_s: Range, seconds. cure_s: seconds. cautions: Array<Symbol>. coat_words: how to lay one.
        declares :key, :title, :summary, :coats, :between_s, :cure_s, :coat_words

        def cautions(*keys) = keys.empty? ? @cautions || [] : @cautions = keys

        def water_based = @water = true

        def water? = @water == true

        def verdicts = @verdicts ||= {}

        # @param verdict [Symbol] :fine, :watch, :stop
        def over(residue, verdict, reason, remedy = nil) = verdicts[residue] = [verdict, reason, remedy]

        # @return [Finding]
        def finding(residue:, material: nil)
          return resist if residue == :resist && coats.positive?
          verdict, reason, remedy = verdicts[residue] || verdicts.fetch(LIKE.fetch(residue, residue))
          Finding.new(key: :sealer_pair, title: "#{title} over #{RESIDUES[residue]}", verdict: verdict, figure: (verdict == :stop) ? "no" : ("#{coats} coats" if coats.positive?), reason: reason, remedy: remedy)
        end

        def resist
          Finding.new(key: :sealer_pair, title: "#{title} over etch resist", verdict: :stop, figure: "no", reason: "An etch resist is washed off after the bath; a coat over it would be etched round.", remedy: "Leave it bare, and seal the etched piece.")
        end

        # the sealing, as steps of a run
        # @return [Array<Methods::Step>]
        def steps(setting) = Methods::Script.new(setting).tap { |script| tell(script) }.steps

        private

        def tell(script)
          1.upto(coats) do |coat|
            script.hands "seal_#{coat}", "#{title}: coat #{coat} of #{coats}", coat_words, phase: :seal, lasts: 120, cautions: cautions,
              look_for: "an even sheen.", never: "chase a run: let it dry, sand it, go on.",
              **(if coat > 1
                   {after: "seal_#{coat - 1}", window: between_s, dries: water? ? :water : true, late: "Past its window: let it harden a day, sand lightly with 400, then coat."}
                 else
                   {}
                 end)
          end
          script.wait "cure", "Let it cure", "Warm and dry, out of the dust. Ready when this is over.", phase: :seal, lasts: cure_s, dries: water? ? :water : true, never: "pack or handle it before."
        end
      end
    end
  end
end
