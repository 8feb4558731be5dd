# frozen_string_literal: true

module UpClose
  module Templates
    # A template as it is cut: CUT, SCORE and MARK lines, numbered inside before outside.
    module DrawnTemplate
      # true edges are marked beside them, so far off
      BESIDE_MM = 0.8
      # a cut's order, from inside out
      Numbered = Value.define(:number, :at, :what)

      module_function

      # @param sheet [Geometry::Region]  @param slots [Array<Slots::Slot>]
      # @param folds [Array<Array(Geometry::Point, Geometry::Point)>]
      # @param allowance_mm [Float] how far outside the line the outside is cut
      # @return [Hash{String => Array<Geometry::Path>}]
      def layers(sheet, slots: [], folds: [], allowance_mm: 0.0)
        outside = outer(sheet, allowance_mm)
        marks = slots.map { |slot| beside(slot) } + (allowance_mm.positive? ? outer(sheet, 0.0) : [])
        {
          "CUT" => inner(sheet) + outside,
          "SCORE" => folds.map { |from, to| Geometry::Path.new([[:move, from], [:line, to]]) },
          "MARK" => marks + order(sheet).flat_map { |cut| Digits.call(cut.number, cut.at) }
        }
      end

      # the layers as a drawing that is printed at true size: cuts black, folds dashed by hand, marks thin
      # @return [Artwork::Drawing]
      def drawing(layers)
        widths = {"CUT" => 0.3, "SCORE" => 0.15, "MARK" => 0.1}
        shapes = layers.flat_map do |layer, paths|
          paths.reject(&:empty?).map do |path|
            Graphics::Painted.new(path: path, stroke: Colour::BLACK, stroke_width: widths.fetch(layer))
          end
        end
        Artwork::Drawing.new(shapes, mm_per_unit: 1.0)
      end

      # @return [Array<Numbered>] inside cuts, the smallest first, then the outside
      def order(sheet)
        inside = inner_rings(sheet).sort_by { |ring| box(ring).area }
        all = inside.map { |ring| [ring, "inside"] } + outer_rings(sheet).map { |ring| [ring, "outside"] }
        all.each_with_index.map { |(ring, what), i| Numbered.new(i + 1, ring.first, what) }
      end

      # @return [Float] mm of cutting
      def length_mm(sheet) = sheet.shape.length

      # @return [Array<Geometry::Path>] cuts within the sheet
      def inner(sheet) = inner_rings(sheet).map { |ring| Geometry::Path.polygon(ring) }

      # @param allowance [Float] mm outside the line  @return [Array<Geometry::Path>]
      def outer(sheet, allowance) = outer_rings(sheet.grown(allowance)).map { |ring| Geometry::Path.polygon(ring) }

      # @return [Array<Array<Geometry::Point>>]
      def inner_rings(sheet) = rings(sheet) { |rings| rings.drop(1) }

      # @return [Array<Array<Geometry::Point>>]
      def outer_rings(sheet) = rings(sheet) { |rings| rings.first(1) }

      # @yield the rings of each part, to choose some  @return [Array<Array<Geometry::Point>>]
      def rings(sheet)
        sheet.parts.flat_map { |part| yield(part.rings).map { |ring| ring.map { |x, y| Geometry::Point[x, y] } } }
      end

      # @return [Geometry::Box]
      def box(ring) = Geometry::Box.around(ring)

      # a line along the true edge, on the sheet's side of it
      def beside(slot)
        moved = slot.true_edge.each_cons(2).flat_map do |from, to|
          way = to - from
          next [] if way.length < Tolerance::ROUNDING
          off = way.unit.normal * (-slot.side * BESIDE_MM)
          [from + off, to + off]
        end
        Geometry::Path.new(moved.each_with_index.map { |point, i| [i.zero? ? :move : :line, point] })
      end
    end
  end
end
