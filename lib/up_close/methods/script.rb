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

      # Steps that are done for one piece, one after the other, before the next piece is begun.
      # @yield the steps
      def round
        first = @steps.size
        @in_round = true
        yield
        name = @steps[first]&.key
        @steps[first..] = @steps.drop(first).map { |step| step.with(round: name) }
      ensure
        @in_round = false
      end

      private

      # @param lasts [Numeric, Range] seconds, whatever the number; of a wait in a round, for each piece
      # @option rest each [Numeric, Pace] on top for every print or piece, as +for:+ says
      # @option rest batch [Integer] pieces at once: one that is too small makes it go round again
      # @option rest window [Range] from the end of the step named +after:+  @option rest best [Numeric]
      def add(key, title, words, kind, phase, lasts, rest)
        window, each, best = rest.delete(:window), rest.delete(:each), rest.delete(:best)
        rest[:batch] = setting.tray if rest[:batch] && setting.tray
        rest[:for] ||= @in_round ? :piece : Step.usually_for(kind, phase)
        @steps << Step.new(key: key, title: title, words: words, kind: kind, phase: phase,
          **times(kind, lasts, each, rest),
          pace: (each.working if each.is_a?(Pace)), best_s: best, earliest_s: window&.begin, latest_s: window&.end,
          source: ((kind == :wait || window || each) ? START : nil), **rest)
      end

      def times(kind, lasts, each, rest)
        least, most = lasts.is_a?(Range) ? [lasts.begin, lasts.end] : [lasts, nil]
        number = %i[sheet print].include?(rest[:for]) ? setting.copies : setting.pieces
        return {least_s: least * number, most_s: most && most * number, each_s: least} if kind == :wait && @in_round
        trays = rest[:batch] ? (number / rest[:batch].to_f).ceil : 1
        {least_s: least * trays + each.to_f * number, most_s: most && most * trays, each_s: each&.to_f}
      end
    end
  end
end
