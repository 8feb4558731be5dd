# frozen_string_literal: true

module UpClose
  module Sheets
    # The line a copy is cut out along, about the middle of its ink's box, as it
    # lies on the sheet: a box where paper is trimmed to register, else along the
    # mark's own outline.
    module CutOutline
      module_function

      # @param ink [Artwork::Ink]  @param width_mm [Float]  @param border_mm [Float]
      # @param boxed [Boolean]  @param mirrored [Boolean]
      # @return [Array<Array(Float, Float)>] mm
      def call(ink, width_mm:, border_mm:, boxed:, mirrored: false)
        height = width_mm * ink.aspect
        return box(width_mm + 2 * border_mm, height + 2 * border_mm) if boxed
        scale = width_mm / ink.box.width
        side = mirrored ? -1 : 1
        hull = ink.hull.map { |p| [(p.x - ink.box.centre.x) * scale * side, (p.y - ink.box.centre.y) * scale] }
        return box(width_mm + 2 * border_mm, height + 2 * border_mm) unless hull.size > 2
        region = Geometry::Region.polygon(hull)
        if region.valid?
          region.grown([border_mm, 0.01].max).simpler(0.02).rings.first
        else
          box(width_mm + 2 * border_mm, height + 2 * border_mm)
        end
      end

      # @param width [Float] mm  @return [Array<Array(Float, Float)>] corners about the middle
      def box(width, height) = [[-1, -1], [1, -1], [1, 1], [-1, 1]].map { |x, y| [x * width / 2.0, y * height / 2.0] }
    end
  end
end
