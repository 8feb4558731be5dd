# frozen_string_literal: true

module UpClose
  module Methods
    # Looks a method's file through when it is loaded: what is left out, and what cannot be,
    # in words that name the declaration.
    class DefinitionCheck
      KEY = /\A[a-z][a-z-]*\z/
      WORDS = %i[title summary undo movable wear].freeze
      MISSES = %i[piece again rubbed_out].freeze

      # @param method [Class] a Definition
      # @raise [Errors::BadDefinition]
      def self.call(method) = new(method).call

      def initialize(method)
        @method = method
      end

      def call
        names
        ways
        grounds
        steps
      end

      private

      def names
        say("key", "small letters and dashes, such as gel-medium") unless @method.key.to_s.match?(KEY)
        WORDS.each { |name| say(name, "in words") if @method.public_send(name).to_s.strip.empty? }
        unless @method.chance.is_a?(Numeric) && @method.chance > 0 && @method.chance <= 1
          say("chance", "above 0, at most 1")
        end
        say("serves", "what marks it is done for: :picture, :guide, :resist, :pattern") if @method.serves.empty?
        say("on_a_miss", "one of #{MISSES.join(", ")}") unless MISSES.include?(@method.on_a_miss)
      end

      def ways
        kinds = @method.printers.to_a
        say("printers", ":laser, :inkjet or both") if kinds.empty? || (kinds - %i[laser inkjet]).any?
        say("stocks", "one or more of #{Sheets::Stock.all.map(&:key).join(", ")}") if @method.stocks.to_a.empty?
        say("passage", "the image's way from paper to eye, one or more") if @method.passages.empty?
        looks
        say("border", "the paper left round the ink, mm") unless @method.border?
        kinds.each do |kind|
          if @method.stocks.none? { |s| s.printers.include?(kind) }
            say("stocks", "one for each of its printers; none suits #{kind}")
          end
        end
      end

      def looks
        sights = @method.sights or return say("sights", "what the eye decides by: right, early, late")
        unknown = sights.all.map(&:patch) - Sights::PATCHES
        say("sights", "only #{Sights::PATCHES.join(", ")}; #{unknown.first} is none of them") if unknown.any?
      end

      def grounds
        residues = RESIDUES.keys
        say("residue", "one of #{residues.join(", ")}") unless residues.include?(@method.residue)
        say("fumes", "one of none, low, strong") unless FUMES.key?(@method.fumes.to_s)
        unknown = @method.holds_all.flat_map { |_, limits| limits.keys } - Limits::USUAL.keys
        say("holds", "only #{Limits::USUAL.keys.join(", ")}; #{unknown.first} is none of them") if unknown.any?
      end

      # every school is told once
      def steps
        say("work", "its steps") unless @method.work
        @method.schools.each { |setting| told(setting.steps) }
      end

      def told(steps)
        say("work", "one step or more") if steps.empty?
        steps.each_with_index do |step, i|
          before = steps.first(i).map(&:key)
          if step.window? && !before.include?(step.after)
            say("work", "a window on an earlier step; “#{step.title}” hangs on #{step.after.inspect}")
          end
          told_one_at_a_time(step, steps.first(i))
          unknown = step.cautions.find { |key| !Cautions::ALL.key?(key) }
          say("work", "known cautions; “#{step.title}” names #{unknown}") if unknown
        end
      end

      # what is done to one piece in the other's time shuts its window on the last
      def told_one_at_a_time(step, before)
        opener = before.find { |other| other.key == step.after }
        return unless step.latest_s && step.phase == :apply && opener&.for == :piece
        return if step.round && opener.round
        say("work", "a round around “#{opener.title}” and “#{step.title}”, which a window ties for each piece")
      end

      def say(name, wanted)
        raise Errors::BadDefinition.new(
          "The method #{@method.name} does not say “#{name}” as it must.",
          remedy: "Give #{name}: #{wanted}.",
          field: name.to_sym
        )
      end
    end
  end
end
