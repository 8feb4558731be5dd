# frozen_string_literal: true

module UpClose
  module Methods
    # Where a method's or sealer's work is told, step by step.
    class Script
      START = "a starting value: your own record replaces it; your product's label comes first"
      attr_reader :steps, :setting

      def initialize(setting, steps = [])
        @setting = setting
        @steps = steps
      end

      # a step done by hand
      def hands(key, title, words, phase: :apply, lasts: 60, **rest) = add(key, title, words, :hands, phase, lasts, rest)

      # a step that only waits
      def wait(key, title, words, phase: :apply, lasts: 60, **rest) = add(key, title, words, :wait, phase, lasts, rest)

      private

      # @param lasts [Numeric, Range] seconds, whatever the number; +each+ comes on top for every
      # copy, and a +batch+ that is too small makes it go round again
      def add(key, title, words, kind, phase, lasts, rest)
        window, each = rest.delete(:window), rest.delete(:each)
        least, most = lasts.is_a?(Range) ? [lasts.begin, lasts.end] : [lasts, nil]
        rest = rest.merge(batch: setting.tray) if rest[:batch] && setting.tray
        rounds = rest[:batch] ? (setting.copies / rest[:batch].to_f).ceil : 1
        @steps << Step.new(key: key, title: title, words: words, kind: kind, phase: phase, least_s: least * rounds + each.to_f * setting.copies, most_s: most && most * rounds,
          best_s: rest.delete(:best), each_s: each, earliest_s: window&.begin, latest_s: window&.end, source: ((kind == :wait || window || each) ? START : nil), **rest)
      end
    end
  end
end
