# frozen_string_literal: true

module UpClose
  module Record
    # Which coupon would teach most: for each mark that is planned, how unsure it is whether its thinnest line and gap
    # hold (bits), and how much of that a coupon for this way would be expected to take away. Frozen.
    class CouponGain
      # how sure a coupon's reading is, as a standard deviation of its logarithm
      READS_TO = 0.06
      # a limit, and the figure of a mark's artwork that it is held against
      HELD = {line_mm: :finest_mm, gap_mm: :gap_mm}.freeze

      # A mark that waits: its way, its artwork's figures, how many pieces. Frozen.
      Planned = Value.define(:way, :title, :finest_mm, :gap_mm, :pieces, keyword_init: true)
      # A way, what a coupon of it is expected to tell (bits, over all pieces), and for which marks. Frozen.
      Gain = Value.define(:way, :bits, :pieces, :titles, :working, keyword_init: true)

      # @param book [LimitBook]  @param methods [#call] method key → Class
      def initialize(book, planned, methods: ->(key) { Methods.fetch(key) })
        @book, @planned, @methods = book, planned, methods
        freeze
      end

      # @return [Array<Gain>] the largest first; ways that nothing waits for are not among them
      def call
        @planned.group_by(&:way).map { |way, marks| gain(way, marks) }.sort_by { |gain| -gain.bits }
      end

      private

      def gain(way, marks)
        known = @book.known(@methods.call(way.method_key), way)
        told = marks.flat_map { |mark| HELD.filter_map { |name, figure| bits(mark, known[name], mark[figure]) } }
        Gain.new(
          way: way, bits: told.sum(&:first), pieces: marks.sum(&:pieces), titles: marks.map(&:title).uniq,
          working: Working.new(
            "#{told.map(&:last).join(" + ")} = #{n(told.sum(&:first))} bits",
            source: "a coupon is read to #{(READS_TO * 100).round} %"
          )
        )
      end

      # @return [Array(Float, String), nil]
      def bits(mark, limit, figure)
        return unless limit && figure&.positive?
        holds = normal(Math.log(figure / limit.value) / limit.spread)
        after = 1 / Math.sqrt(1 / limit.spread**2 + 1 / READS_TO**2)
        each = entropy(holds) * (1 - after / limit.spread)
        [each * mark.pieces, "#{mark.pieces} × #{n(each)} (#{mark.title}: #{n(figure)} mm against #{n(limit.value)})"]
      end

      def normal(z) = (1 + Math.erf(z / Math.sqrt(2))) / 2

      def entropy(chance)
        [chance, 1 - chance].sum { |share| (share > Tolerance::ZERO) ? -share * Math.log2(share) : 0 }
      end

      def n(value) = Working.number(value)
    end
  end
end
