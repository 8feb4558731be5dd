# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Parts as upright boxes, exactly: the free room kept as its largest boxes
      # (J. Jylänki, A Thousand Ways to Pack the Bin, 2010), by several rules of where
      # a box goes and several orders, some of them shaken. Where parts are boxes, no
      # cells beat it.
      module Boxes
        # A box of a part at a turn, grown by the gap to the right and down.
        Cut = Struct.new(:turn, :box)

        # a long list is packed by one rule only: free boxes grow with it
        MANY = 100
        BOXY = 0.95
        # of equals the first; less is better. A free box and a cut of the part.
        RULES = [
          ->(c, f) { [(f.y + c.box.height).round(6), f.x, f.width] },
          ->(c, f) { [[f.width - c.box.width, f.height - c.box.height].min.round(6), f.y, f.x] },
          ->(c, f) { [(f.width * f.height - c.box.width * c.box.height).round(6), f.y, f.x] },
          ->(c, f) { [[f.width - c.box.width, f.height - c.box.height].max.round(6), f.y, f.x] }
        ].freeze
        ORDERS = [
          ->(c) { -c[2].first.box.width * c[2].first.box.height },
          ->(c) { -c[2].map { |k| k.box.height }.min },
          ->(c) { -c[2].map { |k| k.box.width }.max },
          ->(c) { -(c[2].first.box.width + c[2].first.box.height) }
        ].freeze

        module_function

        # @param tries [Integer] shaken orders besides the plain ones
        # @return [Layout, nil] nil where it does not serve: leftovers are not boxes
        def call(parts, leftovers:, fresh:, room:, tries: 0, chance: Chance.new(1))
          return if leftovers.any? || fresh.nil?
          copies = parts.flat_map { |part| Array.new(part.count) { |i| [part, i + 1, cuts(part, room.gap)] } }
          plain = ORDERS.map { |key| copies.each_with_index.sort_by { |c, i| [key.call(c), i] }.map(&:first) }
          packed = plain.product(RULES).first(
            (copies.size <= MANY && boxy?(parts)) ? plain.size * RULES.size : 1
          ).map do |order, rule|
            [pack(order, fresh, room, rule), order, rule]
          end
          best = packed.min_by { |layout, *| layout.cost }
          (boxy?(parts) ? tries : 0).times do |i|
            order, rule = chance.shaken(best[1]), RULES[i % RULES.size]
            layout = pack(order, fresh, room, rule)
            best = [layout, order, rule] if (layout.cost <=> best[0].cost) == -1
          end
          best[0]
        end

        # whether it is worth trying hard: hardly anything stands off from its box
        def boxy?(parts)
          boxes = parts.sum { |part| cuts(part, 0).map { |cut| cut.box.width * cut.box.height }.min }
          parts.sum(&:area) > BOXY * boxes
        end

        # @param part [Part]  @param gap [Float] mm  @return [Array] its box at each turn allowed, largest first
        def cuts(part, gap)
          part.turns.map do |turn|
            ring = Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline).map { |x, y| Geometry::Point[x, y] }
            box = Geometry::Box.around(ring)
            Cut.new(turn, Geometry::Box.new(x: box.x, y: box.y, width: box.width + gap, height: box.height + gap))
          end.uniq { |cut| [cut.box.width.round(6), cut.box.height.round(6)] }
        end

        # @param copies [Array]  @param rule [Symbol] which free box is taken first  @return [Array(Array, Array)]
        def pack(copies, fresh, room, rule)
          sheets, unplaced = [], []
          copies.each do |part, copy, cuts|
            done = sheets.any? { |sheet| lay(sheet, part, copy, cuts, rule) }
            next if done
            sheets << {free: free_on(fresh, room), placements: []}
            next if lay(sheets.last, part, copy, cuts, rule)
            sheets.pop
            unplaced << [part, copy]
          end
          Layout.new(sheets.map { |s| Layout::Sheet.new(fresh, s[:placements], s[:reach]) }, unplaced)
        end

        # what is gone from a fresh sheet, its heading's strip among it, is left alone by its box
        def free_on(fresh, room)
          fresh.used_regions.map { |region|
            Geometry::Box.around(region.rings.flatten(1).map { |p| Geometry::Point[*p.to_a] })
          }
            .map { |box|
              Geometry::Box.new(x: box.x, y: box.y, width: box.width + room.gap, height: box.height + room.gap)
            }
            .reduce([inside(fresh, room)]) { |free, gone| without(free, gone) }
        end

        # @param fresh [Blank]  @param room [CellRules]  @return [Geometry::Box] mm inside the frame
        def inside(fresh, room)
          f = room.frame
          Geometry::Box.new(
            x: f[:left],
            y: f[:top],
            width: fresh.width_mm - f[:left] - f[:right] + room.gap,
            height: fresh.height_mm - f[:top] - f[:bottom] + room.gap
          )
        end

        # @param sheet [Hash] its free boxes and what lies on it  @return [Boolean] whether it found a place
        def lay(sheet, part, copy, cuts, rule)
          cut, free = cuts.product(sheet[:free]).select { |c, f|
            c.box.width <= f.width + 1e-9 && c.box.height <= f.height + 1e-9
          }
            .min_by { |c, f| rule.call(c, f) }
          return unless cut
          taken = Geometry::Box.new(x: free.x, y: free.y, width: cut.box.width, height: cut.box.height)
          sheet[:free] = without(sheet[:free], taken)
          sheet[:placements] << Layout::Placement.new(part, copy, free.x - cut.box.x, free.y - cut.box.y, cut.turn)
          sheet[:reach] = [sheet[:reach] || 0, taken.bottom - (cut.box.height - bare_height(part, cut.turn))].max
        end

        # @param turn [Numeric] degrees  @return [Float] mm
        def bare_height(part, turn)
          Layout::Placement.new(part, 1, 0, 0, turn).ring(part.outline).map(&:last).minmax.then do |low, high|
            high - low
          end
        end

        # what is left of the free boxes; one within another is dropped
        def without(free, taken)
          cut = free.flat_map { |box| box.overlaps?(taken) ? around(box, taken) : [box] }
          cut.each_with_index.reject { |box, i|
            cut.each_with_index.any? { |other, j| i != j && box.inside?(other) && !(other.inside?(box) && j > i) }
          }.map(&:first)
        end

        # @param box [Geometry::Box]
        # @param taken [Geometry::Box]
        # @return [Array<Geometry::Box>] what is left (maximal rectangles)
        def around(box, taken)
          [[box.x, box.y, taken.x - box.x, box.height], [taken.right, box.y, box.right - taken.right, box.height],
            [box.x, box.y, box.width, taken.y - box.y], [box.x, taken.bottom, box.width, box.bottom - taken.bottom]]
            .select { |_, _, w, h| w > 1e-6 && h > 1e-6 }.map do |x, y, w, h|
              Geometry::Box.new(x: x, y: y, width: w, height: h)
            end
        end
      end
    end
  end
end
