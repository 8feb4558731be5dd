# frozen_string_literal: true

module UpClose
  module Methods
    # Which way round to print, by counting how often the image is turned over
    # between the paper and the eye. Odd: mirrored. Even: as it reads. Frozen.
    class Orientation
      CHOICES = %w[auto as-is mirrored].freeze
      THROUGH = ImageTurn.new(words: "Looked at through the piece, from the other side", turned: true)
      attr_reader :passages, :override

      # @param method [Class] a Definition
      # @param seen_through [Boolean] looked at through glass or clear plastic
      # @param override [String] "auto", "as-is" or "mirrored"  @param picked [Hash{Symbol => Symbol}] schools
      def initialize(method, seen_through: false, override: "auto", picked: {})
        unless CHOICES.include?(override.to_s)
          raise Errors::Unknown.new(
            "A mark cannot read “#{override}”.",
            remedy: "Choose auto, as-is or mirrored.",
            field: :reading
          )
        end
        ways = method.passages(picked)
        @passages = (seen_through ? ways + [THROUGH] : ways).dup.freeze
        @override = override.to_s
        freeze
      end

      def turns = passages.count(&:turned?)

      # what the count asks for
      def called_for = turns.odd? ? "mirrored" : "as-is"

      # what will be printed
      def word = (override == "auto") ? called_for : override

      def mirrored? = word == "mirrored"

      def against_count? = word != called_for

      # @return [String] the decision in words
      def reason
        told = passages.select(&:turned?).map { |p| p.words.downcase }
        count = (turns == 1) ? "1 turn" : "#{turns} turns"
        because = told.empty? ? "nothing turns it over" : told.join("; ")
        "#{count}: #{because}. So it is printed " \
        "#{(called_for == "mirrored") ? "mirrored: it reads backwards on the sheet" : "as it reads"}."
      end

      # @return [Finding]
      def finding
        Finding.new(
          key: :reading,
          title: mirrored? ? "Printed mirrored" : "Printed as it reads",
          verdict: against_count? ? :watch : :note,
          figure: (turns == 1) ? "1 turn" : "#{turns} turns",
          value: turns,
          working: working,
          reason: against_count? ? against : reason,
          remedy: against_count? ? "Let us decide, unless you are sure." : nil
        )
      end

      private

      def working
        steps = passages.map { |p| "#{p.words} #{p.turned? ? "+1" : "+0"}" }
        Working.new("#{steps.join(", ")} = #{turns}, #{turns.odd? ? "odd: mirrored" : "even: as it reads"}")
      end

      def against
        "You asked for it #{mirrored? ? "mirrored" : "as it is"}, against the count (#{turns}). It will read " \
        "backwards on the piece."
      end
    end
  end
end
