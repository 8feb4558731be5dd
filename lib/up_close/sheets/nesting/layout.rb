# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Parts on sheets. Frozen.
      class Layout
        # One copy where it lies: its part's outline, turned about its origin, then moved.
        Placement = Struct.new(:part, :copy, :x, :y, :turn) do
          def id = part.id

          def region = Geometry::Region.polygon(ring(part.outline), part.holes.map { |hole| ring(hole) })

          # @param points [Array<Array(Float, Float)>] about the middle
          # @return [Array<Array(Float, Float)>] where it lies, mm
          def ring(points)
            angle = turn * Math::PI / 180
            cos, sin = [Math.cos(angle), Math.sin(angle)].map { |v| (v.abs < Tolerance::ZERO) ? 0.0 : v }
            points.map { |px, py| [px * cos - py * sin + x, px * sin + py * cos + y] }
          end
        end

        # A blank and what is laid on it; +reach+ is how far down it is used, mm.
        Sheet = Struct.new(:blank, :placements, :reach) do
          # @return [Placement] that reaches furthest down
          def lowest = placements.max_by { |place| place.ring(place.part.outline).map(&:last).max }
        end

        attr_reader :sheets, :unplaced

        # @param sheets [Array<Sheet>] leftovers first  @param unplaced [Array<Array(Part, Integer)>]
        def initialize(sheets, unplaced)
          @sheets, @unplaced = sheets.reject { |s| s.placements.empty? }.freeze, unplaced.freeze
          freeze
        end

        def fresh = sheets.select { |s| s.blank.fresh? }

        # less is better: all laid, few fresh sheets, little of the last one, then little of each leftover
        def cost
          [
            unplaced.size,
            fresh.sum { |s| whole?(s) ? s.blank.area : s.reach * s.blank.width_mm },
            (sheets - fresh).sum { |s| s.reach * s.blank.width_mm }
          ]
        end

        # area of the parts on fresh sheets ÷ (full sheets + used height × width of the last one)
        def utilisation
          used = fresh.sum { |s| whole?(s) ? s.blank.area : s.reach * s.blank.width_mm }
          used.zero? ? 0.0 : laid(fresh) / used
        end

        # @param some [Array<Sheet>]
        # @return [Float] mm² of parts
        def laid(some) = some.sum { |s| s.placements.sum { |p| p.part.area } }

        def placements = sheets.flat_map(&:placements)

        private

        def whole?(sheet) = !sheet.equal?(fresh.last)
      end
    end
  end
end
