# frozen_string_literal: true

module UpClose
  module Record
    # Whether a chance turns on what is known of each try: how coarse the ground, how warm the room, how late in its
    # window, how large. A small logistic model, tried on attempts that it was not fitted to; used only where it does
    # better than the plain rate by more than chance would. Frozen.
    class ChanceModel
      # what it looks at: key → in words, and what makes it a figure that grows evenly
      COVARIATES = {
        grit: ["the grit", ->(v) { Math.log2([v, 1].max) }], temperature_c: ["the warmth of the room", ->(v) { v }],
        late_part: ["how late in the window", ->(v) { v.clamp(0, 3) }],
        size_mm: ["the size", ->(v) { Math.log2([v, 0.1].max) }]
      }.freeze
      # fewer attempts teach it nothing
      LEAST = 30
      # of attempts held back in turn
      FOLDS = 5
      # it must beat the plain rate by so many times what chance would move the difference
      BEATS = 2.0

      attr_reader :brier, :plain_brier, :reason

      # @param rows [Array<Hash{Symbol => Numeric, nil}>] of COVARIATES, oldest first  @param hits [Array<Boolean>]
      def initialize(rows, hits)
        @rows, @hits = rows.map { |row| figures(row) }, hits
        @reason = too_little || compare
        @fit = Statistics::Logistic.fit(@rows, @hits) if used?
        freeze
      end

      # @return [Boolean] whether it is worth listening to
      def used? = @reason.nil?

      # @param row [Hash{Symbol => Numeric, nil}]  @return [Float, nil] 0..1
      def call(row) = @fit&.call(figures(row))

      # how many times likelier or less, against a try of the usual kind: for a chance that already counts the record
      # @return [Float, nil]
      def factor(row)
        return unless used?
        usual = @fit.call([nil] * COVARIATES.size)
        call(row) / usual
      end

      # what matters most first
      # @return [Array<Array(String, Float)>] in words, and how much for one spread of it
      def matters
        return [] unless used?
        COVARIATES.values.map(&:first).zip(@fit.slopes).sort_by { |_, slope| -slope.abs }
      end

      # @return [Working]
      def working
        return Working.new("#{@rows.size} attempts", source: @reason) if brier.nil?
        Working.new(
          "Brier score on attempts held back: #{n(brier)} with it, #{n(plain_brier)} by the plain rate",
          source: @reason || "the lower, the better; it is used"
        )
      end

      private

      def figures(row)
        COVARIATES.map { |key, (_, as)| row[key]&.then { |value| as.call(value) } }
      end

      def too_little
        return "it wants #{LEAST} attempts, and there are #{@rows.size}" if @rows.size < LEAST
        return "all came out alike" if @hits.uniq.size < 2
        "nothing is known of them that differs" if @rows.transpose.all? { |column| column.compact.uniq.size < 2 }
      end

      # @return [String, nil] why it is not used
      def compare
        pairs = held_back
        @brier, @plain_brier = [0, 1].map { |i| pairs.sum { |pair| pair[i] } / pairs.size }
        gains = pairs.map { |mine, plain| plain - mine }
        mean = gains.sum / gains.size
        moved = Math.sqrt(gains.sum { |gain| (gain - mean)**2 } / gains.size / gains.size)
        return if mean > BEATS * moved
        "on attempts held back it does no better than the plain rate"
      end

      # each fifth in turn judged by a fit to the others
      # @return [Array<Array(Float, Float)>] squared error of the model, and of the plain rate
      def held_back
        FOLDS.times.flat_map do |fold|
          mine, others = @rows.each_index.partition { |i| i % FOLDS == fold }
          fit = Statistics::Logistic.fit(@rows.values_at(*others), @hits.values_at(*others))
          plain = (others.count { |i| @hits[i] } + 1) / (others.size + 2.0)
          mine.map { |i| [(fit.call(@rows[i]) - truth(i))**2, (plain - truth(i))**2] }
        end
      end

      def truth(i) = @hits[i] ? 1.0 : 0.0

      def n(value) = Working.number(value, 3)
    end
  end
end
