# frozen_string_literal: true

module UpClose
  module Surfaces
    # What both flanks of a body agree on: where its eye is, its gill, a fin, the line along its side. Kept on the left
    # flank, mm from the panel's middle; on the right one it lies as in a mirror. Frozen.
    Feature = Value.define(:kind, :x_mm, :y_mm, :size_mm, keyword_init: true) do
      # @param hash [Hash] keys perhaps strings
      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym).slice(*members))

      def at = Geometry::Point[x_mm, y_mm]

      def mirrored = self.class.new(**to_h, x_mm: -x_mm)

      def title = self.class::KINDS.fetch(kind)

      # as it is drawn on a panel
      # @return [Geometry::Path] mm
      def path
        half = size_mm / 2.0
        case kind
        when "eye" then Geometry::Shapes.ellipse(x_mm, y_mm, half, half)
        when "gill" then Geometry::Path.new([[:move, at - Geometry::Point[0, half]],
          [:curve, at + Geometry::Point[half, -half / 2], at + Geometry::Point[half, half / 2],
            at + Geometry::Point[0, half]]])
        else stroke(half, kind == "line")
        end
      end

      # level, or as steep as a gill
      def stroke(half, level)
        way = level ? Geometry::Point[half, 0] : Geometry::Point[half * 0.6, half * 0.8]
        Geometry::Path.new([[:move, at - way], [:line, at + way]])
      end
      private :stroke
    end
    Feature::KINDS = {"eye" => "eye", "gill" => "gill", "fin" => "fin", "line" => "line along the side"}.freeze
  end
end
