# frozen_string_literal: true

module UpClose
  module Record
    # How one step truly went: how long it took, and how it lay in its window. All in seconds; nil: not known, or no
    # such bound. Frozen.
    StepTime = Value.define(
      :step, :title, :took_s, :planned_s, :after, :after_s, :earliest_s, :latest_s, :least_s, :most_s,
      keyword_init: true
    ) do
      # @param hash [Hash] its keys perhaps strings
      def self.from_h(hash)
        fields = hash.transform_keys(&:to_sym).slice(*members)
        new(**fields, step: fields[:step].to_s)
      end

      # how much later than its window allowed, or longer than a wait may last; 0 in time
      # @return [Float, nil] nil where nothing bounds it
      def late_s
        over = [(after_s - latest_s if after_s && latest_s), (took_s - most_s if took_s && most_s)].compact
        over.any? ? [over.max, 0].max.to_f : nil
      end

      # how much sooner than its window opened, or shorter than a wait is to last
      # @return [Float, nil]
      def early_s
        under = [(earliest_s - after_s if after_s && earliest_s), (least_s - took_s if took_s && least_s)].compact
        under.any? ? [under.max, 0].max.to_f : nil
      end

      # how far into its window it was done: 0 as it opens, 1 as it shuts, more when late
      # @return [Float, nil]
      def part
        return unless after_s && latest_s && latest_s > earliest_s.to_f
        (after_s - earliest_s.to_f) / (latest_s - earliest_s.to_f)
      end
    end
  end
end
