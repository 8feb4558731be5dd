# frozen_string_literal: true

module UpClose
  module Sealing
    # The small language a sealer is written in: what it does over each residue, how many
    # coats, how long between, how long to cure.
    class Sealer
      # what is judged like something else where a sealer says nothing of its own
      LIKE = {medium: :toner, tape: :film, foil: :film, line: :toner, resist: :toner}.freeze

      MOST_COATS = 10
      # how long a coat on a scrap is given to craze or bleed
      SCRAP_S = 600
      OVERSPRAY = Methods::Measures::OVERSPRAY

      class << self
        extend Declarations

        # coats: Integer. between_s: Range, seconds. touch_s, handle_s, cure_s: seconds from the last coat till it is
        # dry to the touch, may be handled, is cured all through. coat_words: how to lay one. sheen: :gloss, :satin,
        # :matt.
        # wet_um: thickness of a wet coat, µm. can_ml: what a can or jar holds. heat_c: it is baked. least_ml: mixed at
        # a time.
        # coated_cm2_a_minute: how fast a coat is laid. film_rest_s: how long film must have dried before it.
        declares :key, :listed, :title, :summary, :coats, :between_s, :touch_s, :handle_s, :cure_s, :coat_words, :sheen,
          :wet_um, :can_ml, :heat_c, :least_ml, :coated_cm2_a_minute, :film_rest_s

        # @param cents [Integer] of a pack  @param ml [Numeric] in it; starting values
        def sold(cents:, ml:) = @sold = [cents, ml].freeze

        # @return [Supplies::Kind] what a coat takes; a shared one where other work takes it too
        def supply
          @supply ||= @sold ? Supplies::Kind.of(title.downcase, "ml", *@sold) : Supplies.titled(title.downcase, "ml")
        end

        # as many as still bury and hold a mark, though for less long: a starting value
        def fewest(*value) = value.empty? ? @fewest || [coats, 2].min : @fewest = value.first

        # coats that go on the piece before the mark, so far apart
        # @return [Hash, nil]
        def under(count: nil, apart_s: nil) = count ? @under = {count: count, apart_s: apart_s}.freeze : @under

        # residues over which a spray coat goes first
        def spray_first(*residues) = residues.empty? ? @spray_first || [] : @spray_first = residues

        def sprayed = @sprayed = true

        def sprayed? = @sprayed == true

        # sanded lightly between coats that form a film
        def sanded = @sanded = true

        def sanded? = @sanded == true

        # shines as the piece does, or is as dull
        # @param finish [Materials::Finish]
        def like?(finish) = sheen == (finish.glossy? ? :gloss : :matt)

        # What all coats take.
        # @param area_mm2 [Float] to be covered, all pieces  @param coats [Integer] so many
        # @return [Finding, nil] ml and cans
        def amount(area_mm2, coats: self.coats)
          return unless wet_um && coats.positive?
          ml = coat_ml(area_mm2) * coats
          Finding.note(
            :amount, "It takes",
            figure: "#{Working.number(ml, (ml < 10) ? 1 : 0)} ml", value: ml, unit: "ml",
            working: amount_working(area_mm2, coats, ml),
            reason: amount_reason(area_mm2, coats, ml)
          )
        end

        # @return [Float] ml of one coat, with what misses
        def coat_ml(area_mm2) = area_mm2 * wet_um / 1e6 * (sprayed? ? OVERSPRAY : 1)

        # @param keys [Array<Symbol>] of Cautions
        def cautions(*keys) = keys.empty? ? @cautions || [] : @cautions = keys

        def water_based = @water = true

        def water? = @water == true

        def verdicts = @verdicts ||= {}

        # @param verdict [Symbol] :fine, :watch, :stop
        def over(residue, verdict, reason, remedy = nil) = verdicts[residue] = [verdict, reason, remedy]

        # how it stands a use of the piece, a key of Suitability::USES
        # @param verdict [Symbol] :fine, :watch, :stop  @param reason [String]
        def stands(use, verdict = nil, reason = nil)
          return (@stands || {})[use] if verdict.nil?
          (@stands ||= {})[use] = [verdict, reason].freeze
        end

        # @raise [Errors::BadDefinition]
        def check! = DefinitionCheck.call(self)

        # @param residue [Symbol] a key of Methods::RESIDUES  @param material [Materials::Material, nil]
        # @param uses [Array<String>] keys of Suitability::USES
        # @return [Finding] the gravest of what is said over that residue and of those uses, with every reason
        def finding(residue:, material: nil, uses: [])
          over = over_residue(residue, material)
          words = uses.filter_map { |use| stands(use.to_sym) }
          return over if over.stop? || words.empty?
          verdict = %i[stop watch].find { |grave| [over.verdict, *words.map(&:first)].include?(grave) } || :fine
          Finding.new(
            key: :sealer_pair, title: over.title, verdict: verdict, figure: over.figure,
            reason: [over.reason, *words.map(&:last)].compact.join(" "), remedy: over.remedy
          )
        end

        # @param residue [Symbol]  @param material [Materials::Material, nil]  @return [Finding]
        def over_residue(residue, material)
          return too_hot(material) if heat_c && material && (material.family != :metal || material.heat_c < heat_c)
          return resist if residue == :resist && coats.positive?
          return worked if residue == :worked
          verdict, reason, remedy = verdicts[residue] || verdicts.fetch(LIKE.fetch(residue, residue))
          Finding.new(key: :sealer_pair, title: "#{title} over #{Methods::RESIDUES[residue]}", verdict: verdict,
            figure: (verdict == :stop) ? "no" : ("#{coats} coats" if coats.positive?), reason: reason, remedy: remedy)
        end

        # @param material [Materials::Material]  @return [Finding]
        def too_hot(material)
          Finding.stop(
            :sealer_pair, "#{title} on #{material.title}",
            figure: "#{heat_c} °C",
            reason: "It is baked at #{heat_c} °C: for metal only.", remedy: "Use spray acrylic clear."
          )
        end

        def resist
          Finding.stop(
            :sealer_pair, "#{title} over etch resist",
            figure: "no",
            reason: "An etch resist is washed off after the bath; a coat over it would be etched round.",
            remedy: "Leave it bare, and seal the etched piece."
          )
        end

        # a line burnt, cut or painted is the piece's own
        def worked
          Finding.fine(
            :sealer_pair, "#{title} over #{Methods::RESIDUES[:worked]}",
            figure: ("#{coats} coats" if coats.positive?),
            reason: "The line is in the piece itself: any finish will do. None before the work is done."
          )
        end

        # the sealing, as steps of a run
        # @param setting [Methods::MethodChoice]
        # @return [Array<Methods::Step>]
        def steps(setting) = coats.zero? ? [] : Coating.new(self, setting).steps

        # coats on the piece before the mark
        # @return [Array<Methods::Step>]
        def under_steps(setting)
          (coats.zero? || under.nil? || setting.left != :film) ? [] : Coating.new(self, setting).under_steps
        end

        private

        def amount_working(area_mm2, coats, ml)
          misses = " × #{Working.number(OVERSPRAY)} for what misses" if sprayed?
          Working.new(
            "#{coats} coats × #{Working.number(area_mm2 / 100, 1)} cm² × #{Working.number(wet_um, 0)} µm#{misses} = " \
            "#{Working.number(ml, 2)} ml",
            source: "#{Working.number(wet_um, 0)} µm wet is a starting value"
          )
        end

        def amount_reason(area_mm2, coats, ml)
          vessel = sprayed? ? "can" : "jar"
          share = (ml / can_ml < 0.01) ? "Under 1" : Working.number(ml / can_ml * 100, 0)
          each = "#{Working.number(coat_ml(area_mm2), (coat_ml(area_mm2) < 10) ? 1 : 0)} ml a coat. "
          "#{each if coats > 1}#{share} % of a #{vessel} of #{Working.number(can_ml, 0)} ml: #{(ml / can_ml).ceil} " \
          "will do."
        end
      end
    end
  end
end
