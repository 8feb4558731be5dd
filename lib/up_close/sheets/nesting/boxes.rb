# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Parts as upright boxes, exactly: the free room kept as its largest boxes
      # (J. Jylänki, A Thousand Ways to Pack the Bin, 2010), the box laid where its
      # far edge comes nearest the top. Where parts are boxes, no cells beat it.
      module Boxes
        # A box of a part at a turn, grown by the gap to the right and down.
        Cut = Struct.new(:turn, :box)

        module_function

        # @return [Layout, nil] nil where it does not serve: leftovers are not boxes
        def call(parts, leftovers:, fresh:, room:)
          return if leftovers.any? || fresh.nil?
          copies = parts.flat_map { |part| Array.new(part.count) { |i| [part, i + 1, cuts(part, room.gap)] } }
          [->(c) { -c[2].map { |k| k.box.height }.min }, ->(c) { -c[2].first.box.width * c[2].first.box.height }, ->(c) { -c[2].map { |k| k.box.width }.max }]
            .map { |key| pack(copies.each_with_index.sort_by { |c, i| [key.call(c), i] }.map(&:first), fresh, room) }.min_by(&:cost)
        end

        def cuts(part, gap)
          part.turns.map do |turn|
            ring = Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline).map { |x, y| Geometry::Point[x, y] }
            box = Geometry::Box.around(ring)
            Cut.new(turn, Geometry::Box.new(x: box.x, y: box.y, width: box.width + gap, height: box.height + gap))
          end.uniq { |cut| [cut.box.width.round(6), cut.box.height.round(6)] }
        end

        def pack(copies, fresh, room)
          sheets, unplaced = [], []
          copies.each do |part, copy, cuts|
            done = sheets.any? { |sheet| lay(sheet, part, copy, cuts) }
            next if done
            sheets << {free: [inside(fresh, room)], placements: []}
            next if lay(sheets.last, part, copy, cuts)
            sheets.pop
            unplaced << [part, copy]
          end
          Layout.new(sheets.map { |s| Layout::Sheet.new(fresh, s[:placements], s[:reach]) }, unplaced)
        end

        def inside(fresh, room)
          f = room.frame
          Geometry::Box.new(x: f[:left], y: f[:top], width: fresh.width_mm - f[:left] - f[:right] + room.gap, height: fresh.height_mm - f[:top] - f[:bottom] + room.gap)
        end

        def lay(sheet, part, copy, cuts)
          cut, free = cuts.product(sheet[:free]).select { |c, f| c.box.width <= f.width + 1e-9 && c.box.height <= f.height + 1e-9 }
            .min_by { |c, f| [(f.y + c.box.height).round(6), f.x, f.width] }
          return unless cut
          taken = Geometry::Box.new(x: free.x, y: free.y, width: cut.box.width, height: cut.box.height)
          sheet[:free] = without(sheet[:free], taken)
          sheet[:placements] << Layout::Placement.new(part, copy, free.x - cut.box.x, free.y - cut.box.y, cut.turn)
          sheet[:reach] = [sheet[:reach] || 0, taken.bottom - (cut.box.height - bare_height(part, cut.turn))].max
        end

        def bare_height(part, turn) = Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline).map(&:last).minmax.then { |low, high| high - low }

        # what is left of the free boxes; one within another is dropped
        def without(free, taken)
          cut = free.flat_map { |box| box.overlaps?(taken) ? around(box, taken) : [box] }
          cut.each_with_index.reject { |box, i| cut.each_with_index.any? { |other, j| i != j && box.inside?(other) && !(other.inside?(box) && j > i) } }.map(&:first)
        end

        def around(box, taken)
          [[box.x, box.y, taken.x - box.x, box.height], [taken.right, box.y, box.right - taken.right, box.height],
            [box.x, box.y, box.width, taken.y - box.y], [box.x, taken.bottom, box.width, box.bottom - taken.bottom]]
            .select { |_, _, w, h| w > 1e-6 && h > 1e-6 }.map { |x, y, w, h| Geometry::Box.new(x: x, y: y, width: w, height: h) }
        end
      end
    end
  end
end
