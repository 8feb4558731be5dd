# frozen_string_literal: true

module UpClose
  module Composing
    # Several marks on one piece, lowest first: which lie over which, what that asks, and what to wait for.
    class Layers
      # two that share less than this only touch, mm²
      TOUCH_MM2 = 0.02
      # over a film, before the next: one thin clear coat, and its drying, s
      COAT_S = 3600

      # one over another: both Layers, and how much of it, mm²
      Over = Value.define(:upper, :lower, :area) do
        # @param key [Object] of a Layer
        def of?(key) = [upper, lower].any? { |layer| layer.key == key }
      end

      # @param layers [Array<Layer>] in order of application
      def initialize(layers)
        @layers = layers
      end

      # @return [Array<Over>] every pair that lies over each other
      def overs
        @overs ||= @layers.combination(2).filter_map do |lower, upper|
          next if lower.transfer == upper.transfer
          area = (lower.region & upper.region).area
          Over.new(upper, lower, area) if area > TOUCH_MM2
        end
      end

      # @param writer [Measure::LengthWriter]  @return [Array<Finding>]
      def findings(_writer = nil) = overs.map { |over| finding(over) }

      # what there is to wait for once a mark lies, before the next of those that touch it; nothing where none does
      # @param layer [Layer]
      # @return [Array(Symbol, Numeric), nil] :coat (dry, one thin coat, dry) or :dry, and seconds until it is dry
      def wait(layer)
        above = overs.find { |over| over.lower == layer } or return
        [(above.upper.film? && layer.film?) ? :coat : :dry, layer.next_s || 0]
      end

      # how many layers deep it is at its deepest
      # @return [Integer]
      def deep
        depth = {}
        @layers.each do |layer|
          below = overs.select { |over| over.upper == layer }.map { |over| depth[over.lower.key] }
          depth[layer.key] = 1 + (below.max || 0)
        end
        depth.values.max || 0
      end

      private

      def finding(over)
        verdict, reason, remedy = judged(over)
        Finding.new(
          key: :over, title: "#{over.upper.title} over #{over.lower.title}", verdict: verdict,
          figure: "#{Working.number(over.area)} mm²", value: over.area, unit: "mm²",
          working: Working.new("area covered by both, film and ink: #{Working.number(over.area)} mm²"),
          reason: reason, remedy: remedy
        )
      end

      def judged(over)
        upper, lower = over.upper, over.lower
        unless upper.residue && lower.residue
          return [:watch, "Choose the methods of both marks. Films may overlap; wet inks may not.", nil]
        end
        return wet_together if upper.wet_ink? && lower.wet_ink?
        return ink_on_film if upper.wet_ink? && lower.film?
        return films(lower) if upper.film? && lower.film?
        [:watch, "The edge below may show through.", "Let the lower one dry first."]
      end

      def wet_together
        [:stop, "Both are wet. The second dissolves the first, and both run.", "Move one, combine both into one " \
          "transfer, or use film for one of them."]
      end

      def ink_on_film
        [:stop, "Ink sinks into bare ground; on film it stays wet and smears.",
          "Lay the ink first and the film over it, or move one."]
      end

      def films(lower)
        [:watch, "The lower edge may show. The clear coat hides it.",
          "Lay #{lower.title} first, let it dry, one thin clear coat, dry; then the other."]
      end
    end
  end
end
