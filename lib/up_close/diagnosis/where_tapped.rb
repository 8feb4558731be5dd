# frozen_string_literal: true

module UpClose
  module Diagnosis
    # Which part of a mark the taps lie in. A tap is a place in shares of the mark's box, 0..1 from its top left.
    module WhereTapped
      # nearer to an edge than this is its rim
      RIM = 0.15
      MIDDLE = (0.3..0.7)
      MANY = 4

      module_function

      # @param taps [Array<Array(Float, Float)>]
      # @return [Array<Symbol>] of Facts::PLACES
      def call(taps)
        return [] if taps.empty?
        [
          (:rim if most?(taps) { |x, y| [x, y, 1 - x, 1 - y].min < RIM }),
          (:middle if most?(taps) { |x, y| MIDDLE.cover?(x) && MIDDLE.cover?(y) }),
          (all_over?(taps) ? :everywhere : (:one_side if one_side?(taps)))
        ].compact
      end

      # @param taps [Array<Array(Float, Float)>]  @return [Boolean] more than half of them
      def most?(taps, &test) = taps.count(&test) * 2 > taps.size

      # @param taps [Array<Array(Float, Float)>]
      def all_over?(taps) = taps.size >= MANY && taps.map { |x, y| [x < 0.5, y < 0.5] }.uniq.size > 2

      # @param taps [Array<Array(Float, Float)>]
      def one_side?(taps)
        return false if taps.size < 2
        taps.transpose.any? { |along| along.all? { |v| v < 0.5 } || along.all? { |v| v > 0.5 } }
      end
      private_class_method :most?, :all_over?, :one_side?
    end
  end
end
