# frozen_string_literal: true

module UpClose
  module Sealing
    # Looks a sealer's file through when it is loaded.
    module DefinitionCheck
      SHEENS = %i[gloss satin matt].freeze
      # what every sealer that coats says of itself
      COATING = {
        between_s: Range,
        touch_s: Numeric,
        handle_s: Numeric,
        cure_s: Numeric,
        coat_words: String,
        wet_um: Numeric,
        can_ml: Numeric
      }.freeze

      KINDS = {Range => "a range of seconds", Numeric => "a number", String => "words"}.freeze

      module_function

      # @param sealer [Class] a Sealer
      # @raise [Errors::BadDefinition]
      def call(sealer)
        unless sealer.key.to_s.match?(/\A[a-z][a-z-]*\z/)
          say(sealer, "key", "small letters and dashes, such as spray-acrylic")
        end
        %i[title summary].each { |name| say(sealer, name, "in words") if sealer.public_send(name).to_s.empty? }
        say(sealer, "coats", "a number, 0 for none") unless sealer.coats.is_a?(Integer) && sealer.coats >= 0
        missing = %i[film toner dye_ink].find { |residue| !sealer.verdicts.key?(residue) }
        say(sealer, "over", "a verdict and a reason over #{missing}") if missing
        unknown = sealer.cautions.find { |key| !Cautions::ALL.key?(key) }
        say(sealer, "cautions", "known ones; #{unknown} is none") if unknown
        coating(sealer) if sealer.coats.positive?
      end

      # @param sealer [Class]  @raise [Errors::BadDefinition]
      def coating(sealer)
        COATING.each { |name, kind| say(sealer, name, KINDS.fetch(kind)) unless sealer.public_send(name).is_a?(kind) }
        say(sealer, "sheen", "one of #{SHEENS.join(", ")}") unless SHEENS.include?(sealer.sheen)
        moments = [sealer.touch_s, sealer.handle_s, sealer.cure_s]
        say(sealer, "touch_s, handle_s, cure_s", "each no sooner than the one before") unless moments == moments.sort
      end

      # @raise [Errors::BadDefinition]
      def say(sealer, name, wanted)
        raise Errors::BadDefinition.new(
          "The sealer #{sealer.name} does not say “#{name}” as it must.",
          remedy: "Give #{name}: #{wanted}.",
          field: name.to_sym
        )
      end
    end
  end
end
