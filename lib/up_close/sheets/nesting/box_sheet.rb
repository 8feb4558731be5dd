# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A fresh sheet that boxes are cut from: what is free of it, as its largest boxes (maximal rectangles), and what
      # lies on it.
      class BoxSheet
        LEAST_MM = 1e-6

        # of a fresh sheet, inside its frame; what is gone from it (its heading among it) is left alone by its box
        # @param fresh [Blank]  @param room [CellRules]
        # @return [Array<Geometry::Box>] mm
        def self.free_on(fresh, room)
          gone = fresh.used_regions.map do |region|
            box = Geometry::Box.around(region.rings.flatten(1).map { |p| Geometry::Point[*p.to_a] })
            Geometry::Box.new(x: box.x, y: box.y, width: box.width + room.gap, height: box.height + room.gap)
          end
          gone.reduce([inside(fresh, room)]) { |free, box| without(free, box) }
        end

        # @param fresh [Blank]  @param room [CellRules]  @return [Geometry::Box] mm inside the frame
        def self.inside(fresh, room)
          frame = room.frame
          Geometry::Box.new(
            x: frame[:left],
            y: frame[:top],
            width: fresh.width_mm - frame[:left] - frame[:right] + room.gap,
            height: fresh.height_mm - frame[:top] - frame[:bottom] + room.gap
          )
        end

        # what is left of the free boxes; one within another is dropped
        # @param free [Array<Geometry::Box>]  @param taken [Geometry::Box]  @return [Array<Geometry::Box>]
        def self.without(free, taken)
          left = free.flat_map { |box| box.overlaps?(taken) ? beside(box, taken) : [box] }
          left.reject.with_index { |box, i|
            left.each_with_index.any? { |other, j| i != j && box.inside?(other) && !(other.inside?(box) && j > i) }
          }
        end

        # @return [Array<Geometry::Box>] the largest boxes of one beside what is taken
        def self.beside(box, taken)
          [[box.x, box.y, taken.x - box.x, box.height], [taken.right, box.y, box.right - taken.right, box.height],
            [box.x, box.y, box.width, taken.y - box.y], [box.x, taken.bottom, box.width, box.bottom - taken.bottom]]
            .select { |_, _, wide, high| wide > LEAST_MM && high > LEAST_MM }
            .map { |x, y, wide, high| Geometry::Box.new(x: x, y: y, width: wide, height: high) }
        end
        private_class_method :beside

        # @param free [Array<Geometry::Box>]
        def initialize(free)
          @free, @placements, @reach = free, [], nil
        end

        # @param copy [BoxCopy]  @param rule [Proc] of a cut and a free box: less is better
        # @return [Boolean] whether it found a place
        def lay(copy, rule)
          cut, free = possible(copy).min_by { |pair| rule.call(*pair) }
          return false unless cut
          taken = Geometry::Box.new(x: free.x, y: free.y, width: cut.box.width, height: cut.box.height)
          @free = BoxSheet.without(@free, taken)
          @placements << Layout::Placement.new(
            copy.part, copy.number, free.x - cut.box.x, free.y - cut.box.y, cut.turn
          )
          @reach = [@reach || 0, taken.bottom - (cut.box.height - cut.bare_height)].max
          true
        end

        # @param fresh [Blank]  @return [Layout::Sheet]
        def laid_on(fresh) = Layout::Sheet.new(fresh, @placements, @reach)

        private

        def possible(copy)
          copy.cuts.product(@free).select do |cut, free|
            cut.box.width <= free.width + Tolerance::ROUNDING && cut.box.height <= free.height + Tolerance::ROUNDING
          end
        end
      end
    end
  end
end
