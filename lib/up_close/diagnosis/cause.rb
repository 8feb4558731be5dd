# frozen_string_literal: true

module UpClose
  module Diagnosis
    # The small language a cause is written in; one a file in causes/. All figures are starting values, which the
    # shop's own record outweighs.
    class Cause
      # a fault that a cause does not name comes along by chance so often
      BY_CHANCE = 0.03

      # A fact weighed: how many times likelier it makes the cause, and in words. Frozen.
      Weight = Value.define(:factor, :words)
      # What saves this piece now. Frozen.
      Rescue = Value.define(:words, :within_s, :since, :then_words, keyword_init: true)
      # What to change. +step+ and +fields+ change a school's own step, where that is how. Frozen.
      Change = Value.define(:words, :step, :fields, keyword_init: true)

      class << self
        extend Declarations

        # key: names it. usual: how common it is among all that goes wrong, about 1.
        # looks_like, tell_apart: one sentence each.
        declares :key, :usual, :looks_like, :tell_apart

        # @param words [String, nil]  @yieldparam facts [Facts]  @yieldreturn [String]
        def title(words = nil, &block)
          return @title if words.nil? && block.nil?
          @title = block || words
        end

        # @param facts [Facts]  @return [String]
        def named(facts) = @title.respond_to?(:call) ? @title.call(facts) : @title

        # How often it shows as each fault.
        # @param faults [Hash{String => Float}] key of Record::FAULTS → 0..1
        def leads_to(faults = nil) = faults ? @leads_to = faults.freeze : @leads_to

        # settings that a coupon's grid varies to find the right ones
        # @param settings [Array<String>] keys of Coupons::Setting
        def lies_in(*settings) = settings.empty? ? @lies_in || [] : @lies_in = settings.freeze

        # Whether this way of doing it can have it at all.
        # @yieldparam facts [Facts]  @yieldreturn [Boolean]
        def happens(&block) = @happens = block

        # @param facts [Facts]
        def happens?(facts) = !!@happens.call(facts)

        # One fact that speaks for or against it.
        # @yieldparam facts [Facts]  @yieldreturn [Array(Float, String), nil] how many times likelier, and why
        def weighs(&block) = rules << block

        # Where it shows, against anywhere.
        # @param places [Hash{Symbol => Float}] of Facts::PLACES → how many times likelier
        def shows(places = nil) = places ? @shows = places.freeze : @shows || {}

        # What is found when it is asked.
        # @param question [String] a key of Questions  @param chances [Hash{String => Float}] answer → how often
        def answers(question, chances) = told[question] = chances.freeze

        def told = @told ||= {}

        # @yieldparam facts [Facts]  @yieldreturn [Rescue, nil] nil where nothing saves it
        def rescued(&block) = @rescued = block

        # @return [Rescue, nil]
        def rescue_for(facts) = @rescued&.call(facts)

        # @yieldparam facts [Facts]  @yieldreturn [Change]
        def next_time(&block) = @next_time = block

        # @return [Change]
        def change_for(facts) = @next_time.call(facts)

        # @return [Array<Weight>] the facts that are known, weighed
        def weights(facts)
          weights = rules.filter_map { |rule| rule.call(facts) }.map { |factor, words| Weight.new(factor, words) }
          weights + facts.places.filter_map { |place| at(place) }
        end

        # @return [Float] how often it shows as just these faults, up to a factor that is the same for all
        # @param possible [Array<String>] faults this way of doing it can have
        def showing(tapped, possible)
          possible.reduce(1.0) do |product, fault|
            often = leads_to.fetch(fault, BY_CHANCE)
            product * (tapped.include?(fault) ? often : Math.sqrt(1 - often))
          end
        end

        # @param answer [String]  @param of [Integer] answers there are
        # @return [Float] how likely that answer is
        def answered(question, answer, of:) = told.fetch(question, {}).fetch(answer) { 1.0 / of }

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check! = CauseCheck.call(self)

        # @return [Rescue]  @param within_s [Numeric, nil] from the end of the step +since+; nil: no hurry
        def save(words, within_s: nil, since: nil, then_words: nil)
          Rescue.new(words: words, within_s: within_s, since: since, then_words: then_words)
        end

        # @return [Change]
        def change(words, step: nil, **fields) = Change.new(words: words, step: step, fields: fields.freeze)

        # How late a step was, weighed: in time speaks against it, twice over its window speaks strongly for it.
        # @return [Array(Float, String), nil]
        def late(facts, *keys, in_time: 0.35, most: 9.0)
          known = keys.filter_map { |key| facts.time(key) }.select(&:late_s)
          time = known.max_by(&:late_s) or return
          return [in_time, "#{time.title}: in time"] unless time.late_s.positive?
          taken, allowed = time.latest_s ? [time.after_s, time.latest_s] : [time.took_s, time.most_s]
          words = "#{time.title}: #{Diagnosis.span(time.late_s)} late, #{Diagnosis.clock(taken)} against " \
            "#{Diagnosis.clock(allowed)}"
          [[1.8 + 6 * time.late_s / [allowed, 1].max, most].min, words]
        end

        # How much too early a step was, or too short a wait.
        # @return [Array(Float, String), nil]
        def early(facts, *keys, in_time: 0.45, most: 9.0)
          known = keys.filter_map { |key| facts.time(key) }.select(&:early_s)
          time = known.max_by(&:early_s) or return
          return [in_time, "#{time.title}: long enough"] unless time.early_s > 1
          wanted = [time.earliest_s || time.least_s, 1].max
          [[1.8 + 8 * time.early_s / wanted, most].min, "#{time.title}: #{Diagnosis.span(time.early_s)} too soon"]
        end

        # @return [Array(Float, String), nil] how a figure stands to its limit
        def under(value, limit, words, below: 4.0, above: 0.5)
          return unless value && limit
          text = "#{words} #{Working.number(value)} mm, held from #{Working.number(limit)}"
          (value < limit) ? [[below, 1 + below * (limit - value) / limit * 2].max, text] : [above, text]
        end

        private

        def rules = @rules ||= []

        def at(place)
          factor = shows[place] or return
          Weight.new(factor, "it shows #{Facts::PLACES.fetch(place)}")
        end
      end
    end
  end
end
