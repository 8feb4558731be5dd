# frozen_string_literal: true

module UpClose
  module Templates
    # Ties islands of a sheet to the rest with the fewest, shortest bridges: a minimum spanning tree over the sheet's
    # parts (Kruskal, Proceedings of the AMS 7, 1956), and a second one, on another side, for each island over 10 mm.
    class Bridges
      LARGE_MM = 10.0
      # places tried round an island's edge
      TRIED = (24..160)
      STEP_MM = 1.0
      # a second bridge leaves on another side: at least so far round, degrees
      APART_DEG = 90
      # how far a bridge reaches into what it ties, of its width: its corners lie within, however slanted
      OVERLAP = 0.5
      MOST_ISLANDS = 2_000

      # one bridge: its two ends on the edges, how wide, and which parts of the sheet it ties
      Bridge = Value.define(:from, :to, :width_mm, :parts) do
        def length_mm = from.distance(to)

        # @return [Geometry::Region]
        def region
          way = (to - from).unit
          way = Geometry::Point[1, 0] if way.length.zero?
          side = way.normal * (width_mm / 2)
          start, finish = from - way * (OVERLAP * width_mm), to + way * (OVERLAP * width_mm)
          Geometry::Region.polygon([start + side, finish + side, finish - side, start - side].map(&:to_a))
        end
      end

      # @param parts [Array<Geometry::Region>] of the sheet, the first the frame that holds all
      # @param width_mm [Float]  @param never [Geometry::Region, nil] marked features that no bridge may cross
      # @param moved [Hash{Integer => Geometry::Point}] by hand: an island's bridge leaves nearest to there
      # @raise [Errors::TooMuch] over MOST_ISLANDS
      def initialize(parts, width_mm:, never: nil, moved: {})
        raise Errors::TooMuch.new("Over #{MOST_ISLANDS} islands.", remedy: "Simplify it.") if parts.size > MOST_ISLANDS
        @parts, @width, @never, @moved = parts, width_mm, never, moved
      end

      # @return [Array<Bridge>]
      def call
        @root = (0...@parts.size).to_a
        tree = candidates.sort_by { |bridge| [@moved.key?(bridge.parts.first) ? 0 : 1, bridge.length_mm] }
          .select { |bridge| joins?(bridge) }
        tree + seconds(tree)
      end

      # islands that nothing could be found for
      # @return [Array<Integer>]
      def loose = (1...@parts.size).reject { |island| root(island) == root(0) }

      private

      # for each island the shortest way to each neighbour
      def candidates
        (1...@parts.size).flat_map { |island| by_neighbour(island) }
      end

      def by_neighbour(island)
        ways = ways(island)
        near = @moved[island] and ways = [ways.min_by { |way| way.from.distance(near) }].compact
        ways.group_by { |way| way.parts.last }.values.map { |group| shortest(group, island) }
      end

      # of equally short ones the one in the middle of its side: a corner holds less
      def shortest(ways, island)
        centre = @parts[island].box.centre
        ways.min_by { |way| [way.length_mm.round(2), way.from.distance(centre)] }
      end

      # from places round its edge to the nearest edge of any other part
      # @return [Array<Bridge>]
      def ways(island)
        (@ways ||= {})[island] ||= places(island).filter_map { |from|
          to, part = nearest(from, island)
          bridge = to && Bridge.new(from, to, @width, [island, part])
          bridge if bridge && allowed?(bridge)
        }
      end

      def allowed?(bridge) = @never.nil? || @never.empty? || !@never.shape.intersects?(bridge.region.shape)

      def places(island)
        ring = @parts[island].rings.first.map { |x, y| Geometry::Point[x, y] }
        length = ring.each_with_index.sum { |point, i| point.distance(ring[i - 1]) }
        count = (length / STEP_MM).ceil.clamp(TRIED.begin, TRIED.end)
        along(ring + [ring.first], length / count)
      end

      def along(ring, step)
        places, left = [], step / 2
        ring.each_cons(2) do |from, to|
          length = from.distance(to)
          while left <= length && length.positive?
            places << from + (to - from) * (left / length)
            left += step
          end
          left -= length
        end
        places
      end

      # looked for wider and wider
      def nearest(point, island)
        reach = edges.reach
        until reach > span
          edge = edges.nearest(point, reach, without: island) and return edge
          reach *= 2
        end
        nil
      end

      def span = @span ||= @parts.first.box.then { |box| 2 * [box.width, box.height].max }

      def edges
        frame = @parts.first.box
        @edges ||= Geometry::Edges.new(@parts, reach_mm: [Math.sqrt(frame.width * frame.height) / 60, 1].max)
      end

      # @return [Boolean] whether it ties two that were apart
      def joins?(bridge)
        one, other = bridge.parts.map { |part| root(part) }
        return false if one == other
        @root[one] = other
        true
      end

      def root(part)
        part = @root[part] = @root[@root[part]] while @root[part] != part
        part
      end

      # the shortest that leaves on another side
      def seconds(tree)
        (1...@parts.size).filter_map do |island|
          box = @parts[island].box
          next if [box.width, box.height].max <= LARGE_MM
          own = tree.select { |bridge| bridge.parts.include?(island) }
          next if own.size > 1 || own.empty?
          second(island, end_on(own.first, island), box.centre)
        end
      end

      def end_on(bridge, island) = (bridge.parts.first == island) ? bridge.from : bridge.to

      def second(island, first, centre)
        apart, near = ways(island).partition { |way| angle(way.from - centre, first - centre) >= APART_DEG }
        shortest(apart, island) || near.max_by { |way| angle(way.from - centre, first - centre) }
      end

      def angle(one, other) = Math.atan2(one.cross(other).abs, one.dot(other)) * 180 / Math::PI
    end
  end
end
