# frozen_string_literal: true

module UpClose
  module Methods
    # Where a method's or sealer's work is told, step by step.
    class Script
      include Measures

      START = "a starting value: your own record replaces it; your product's label comes first"
      attr_reader :steps, :setting

      def initialize(setting, steps = [])
        @setting = setting
        @steps = steps
      end

      # a step done by hand
      def hands(key, title, words, phase: :apply, lasts: 60, **rest)
        add(key, title, words, :hands, phase, lasts, rest)
      end

      # a step that only waits
      def wait(key, title, words, phase: :apply, lasts: 60, **rest) = add(key, title, words, :wait, phase, lasts, rest)

      private

      # @param lasts [Numeric, Range] seconds, whatever the number
      # @option rest each [Numeric, Pace] on top for every copy (or piece, with +per: :piece+)
      # @option rest batch [Integer] copies at once: one that is too small makes it go round again
      # @option rest window [Range] from the end of the step named +after:+  @option rest best [Numeric]
      def add(key, title, words, kind, phase, lasts, rest)
        window, each, best = rest.delete(:window), rest.delete(:each), rest.delete(:best)
        rest[:batch] = setting.tray if rest[:batch] && setting.tray
        @steps << Step.new(key: key, title: title, words: words, kind: kind, phase: phase, **times(lasts, each, rest),
          pace: (each.working if each.is_a?(Pace)), best_s: best, earliest_s: window&.begin, latest_s: window&.end,
          source: ((kind == :wait || window || each) ? START : nil), **rest)
      end

      def times(lasts, each, rest)
        least, most = lasts.is_a?(Range) ? [lasts.begin, lasts.end] : [lasts, nil]
        number = (rest[:per] == :piece) ? setting.pieces : setting.copies
        rounds = rest[:batch] ? (number / rest[:batch].to_f).ceil : 1
        {least_s: least * rounds + each.to_f * number, most_s: most && most * rounds, each_s: each&.to_f}
      end
    end
  end
end
