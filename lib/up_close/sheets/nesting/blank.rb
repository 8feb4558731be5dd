# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A sheet before anything new is laid on it: fresh, or a leftover with what
      # is gone from it. Frozen.
      class Blank
        attr_reader :id, :width_mm, :height_mm, :used

        # @param id [String, nil] nil for a fresh one
        # @param used [Array<Array<Array(Numeric, Numeric)>>] rings, mm from its top left
        # @raise [Errors::BadShape]
        def initialize(width_mm:, height_mm:, id: nil, used: [])
          @id, @width_mm, @height_mm, @used = id, width_mm, height_mm, used
          check
          freeze
        end

        # a fresh sheet, but for the strip that its heading takes
        # @param paper [Printing::Paper]  @param allowances [Allowances]
        def self.fresh(paper, allowances = Allowances::START)
          strip = [Printing::Margins::FRAME + Printing::Margins::HEADING - allowances.gap, 1.0].max
          new(
            width_mm: paper.width_mm,
            height_mm: paper.height_mm,
            used: [[[0, 0], [paper.width_mm, 0], [paper.width_mm, strip], [0, strip]]]
          )
        end

        def fresh? = id.nil?

        def area = width_mm * height_mm

        # @return [Array<Geometry::Region>]
        def used_regions = used.map { |ring| Geometry::Region.polygon(ring) }

        def free_area = (area - used_regions.sum(&:area))

        # @param room [CellRules]
        def board(room)
          taken = used.map { |ring| room.cells_of(ring) }.compact
          columns, rows = room.columns(width_mm), room.rows(height_mm)
          Board.new(
            columns,
            rows,
            coarse: room.coarse,
            bits: taken.reduce(0) { |bits, cells| bits | room.stamp(cells, columns, rows) }
          )
        end

        private

        def check
          unless [width_mm, height_mm].all? { |v| v.is_a?(Numeric) && v.between?(1, 3000) }
            refuse("#{width_mm.inspect} × #{height_mm.inspect} mm", "Give its sides in millimetres.")
          end
          unless used.is_a?(Array) && used.all? { |ring| Part.corners?(ring) }
            refuse("used areas that are no lists of corners", "Give each as a list of [x, y] in millimetres.")
          end
          used.each do |ring|
            unless ring.size > 2 && Geometry::Region.polygon(ring).valid?
              refuse("a used area that crosses itself", "Draw each as one loop.")
            end
          end
        end

        def refuse(what, remedy)
          raise(Errors::BadShape.new("The sheet#{" #{id}" if id} has #{what}.", remedy: remedy, field: :sheets))
        end
      end
    end
  end
end
