# frozen_string_literal: true

module UpClose
  module Composing
    # Where a mark snaps to among others: edges and middles in line, letters on one baseline, gaps alike; each with the
    # figure that it makes. The page picks the nearest, and says it.
    class SnapLines
      # one: +axis+ :x or :y; +at+ mm of the mark's middle on it; +line+ mm where the line is drawn; +words+; +gap_mm+
      # of equal gaps. Frozen.
      Snap = Value.define(:axis, :at, :line, :words, :gap_mm, keyword_init: true)
      SIDES = {x: ["left edges", "right edges"], y: ["upper edges", "lower edges"]}.freeze

      # @param own [Geometry::Box] of the mark that moves  @param others [Hash{String => Geometry::Box}] by title
      # @param piece [Geometry::Box]  @param baselines [Hash{String => Float}] of lettered others, mm
      # @param baseline [Float, nil] of the mark itself, from its middle
      def initialize(own:, others:, piece:, baselines: {}, baseline: nil)
        @own, @others, @piece, @baselines, @baseline = own, others, piece, baselines, baseline
      end

      # @return [Array<Snap>] both axes
      def call
        %i[x y].flat_map { |axis| along(axis) }.uniq { |snap| [snap.axis, snap.at.round(4), snap.words] }
      end

      private

      def along(axis)
        [*middles(axis), *edges(axis), *gaps(axis), *(baselines if axis == :y)].compact
      end

      def span(box, axis) = (axis == :x) ? [box.x, box.right] : [box.y, box.bottom]

      def half(axis) = span(@own, axis).then { |low, high| (high - low) / 2 }

      def mid((low, high)) = (low + high) / 2

      def snap(axis, position, line, words, gap = nil)
        Snap.new(axis: axis, at: position.to_f, line: line.to_f, words: words, gap_mm: gap)
      end

      def middles(axis)
        piece = mid(span(@piece, axis))
        [snap(axis, piece, piece, "middle of the piece")] + @others.map do |title, box|
          mid(span(box, axis)).then { |position| snap(axis, position, position, "middle of #{title}") }
        end
      end

      def edges(axis)
        @others.flat_map do |title, box|
          low, high = span(box, axis)
          [snap(axis, low + half(axis), low, "#{SIDES[axis].first} with #{title}"),
            snap(axis, high - half(axis), high, "#{SIDES[axis].last} with #{title}")]
        end
      end

      def baselines
        return [] unless @baseline
        @baselines.map { |title, position| snap(:y, position - @baseline, position, "baseline of #{title}") }
      end

      # between two that leave room; and beyond one, as far as the next one is from it
      def gaps(axis)
        spans = @others.to_h { |title, box| [title, span(box, axis)] }
        walls = {"the edge" => [-Float::INFINITY, span(@piece, axis).first],
                 "the other edge" => [span(@piece, axis).last, Float::INFINITY]}
        between(axis, spans.merge(walls)) + beyond(axis, spans, walls)
      end

      def between(axis, spans)
        spans.to_a.permutation(2).filter_map do |(a, (_, from)), (b, (to, _))|
          gap = (to - from - 2 * half(axis)) / 2
          next unless gap.finite? && gap.positive?
          snap(axis, (from + to) / 2, (from + to) / 2, "equal gaps to #{a} and #{b}", gap)
        end
      end

      # the gap that two others already leave, or one to an edge, once more
      def beyond(axis, spans, walls)
        spans.to_a.product(spans.merge(walls).to_a).flat_map do |(a, span_a), (b, span_b)|
          next [] if a == b
          low, high = [span_a, span_b].sort_by { |span| mid(span).nan? ? span.compact.first : span.first }
          gap = high.first - low.last
          next [] unless gap.finite? && gap.positive?
          after, before = span_a.last + gap + half(axis), span_a.first - gap - half(axis)
          [after, before].map { |position| snap(axis, position, position, "the gap of #{a} and #{b}", gap) }
        end
      end
    end
  end
end
