# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Tries orders of the parts and keeps the best layout: a portfolio of plain
      # orders, then the best ones shaken, then some laid again with finer cells.
      # Counted in tries, so that a seed gives the same layout on any machine.
      class Search
        # tries for a small job; a large one gets fewer, since each does more
        EFFORTS = {"first" => {orders: 2, shaken: 0, fine: 0, boxed: 60}, "good" => {orders: 6, shaken: 30, fine: 2, boxed: 200}, "stretch" => {orders: 6, shaken: 120, fine: 6, boxed: 800}}.freeze
        SMALL = 40
        ORDERS = [
          ->(part, box) { -part.area * 0.5 - box.width * box.height * 0.5 },
          ->(_, box) { -[box.width, box.height].max },
          ->(part, _) { -part.area },
          ->(_, box) { -(box.width + box.height) },
          ->(_, box) { -box.height },
          ->(_, box) { -[box.width, box.height].min }
        ].freeze

        # @param parts [Array<Part>]  @param leftovers [Array<Blank>]  @param fresh [Blank, nil]
        # @param room [Room]  @param effort [String]  @param seed [Integer]
        def initialize(parts, leftovers:, fresh:, room:, effort: "good", seed: 1)
          @parts, @leftovers, @fresh, @room, @chance = parts, leftovers, fresh, room, Chance.new(seed)
          @tries = EFFORTS.fetch(effort) { raise Errors::Unknown.new("No effort is called “#{effort}”.", remedy: "Choose first, good or stretch.", field: :effort) }
        end

        # @yield [Float] share done, 0 to 1; answers false to stop with the best so far
        # @return [Layout]
        def call(&progress)
          @progress, @done = progress, 0
          @best = []
          plain.first(orders).each { |order| try(order, quick) }
          shaken.times { try(@chance.shaken(@best.first.last), quick) }
          finest.times { |i| try(@best[i].last, fine) if @best[i] }
          boxes = Boxes.call(@parts, leftovers: @leftovers, fresh: @fresh, room: @room, tries: boxed, chance: @chance) if boxy?
          [@best.first.first, boxes].compact.min_by(&:cost)
        end

        private

        # packing boxes beats packing outlines only where these fill their boxes
        BOXY = 0.75

        def boxy?
          filled, boxes = @parts.map { |part| [part.area * part.count, around(part).then { |box| box.width * box.height } * part.count] }.transpose.map(&:sum)
          filled >= BOXY * boxes
        end

        def around(part) = Geometry::Box.around(part.outline.map { |x, y| Geometry::Point[x, y] })

        def size = @size ||= [1.0, SMALL.to_f / @parts.sum(&:count)].min

        def orders = [(@tries[:orders] * size**0.5).ceil, 1].max

        def shaken = (@tries[:shaken] * size).floor

        def finest = (@tries[:fine] * size**0.5).ceil

        def boxed = (@tries[:boxed] * size**2).floor

        def whole = orders + shaken + finest

        def quick = @quick ||= Decoder.new(@room, leftovers: @leftovers, fresh: @fresh)

        def fine = @fine ||= Decoder.new(@room.with(cell: Room::FINE), leftovers: @leftovers, fresh: @fresh)

        def plain
          boxes = @parts.to_h { |part| [part, around(part)] }
          ORDERS.map { |key| @parts.each_with_index.sort_by { |part, i| [key.call(part, boxes[part]), i] }.flat_map { |part, _| Array.new(part.count) { |i| [part, i + 1] } } }.uniq
        end

        def try(order, decoder)
          return if @stopped
          layout = decoder.call(order)
          @best = [*@best, [layout, order]].each_with_index.min_by(EFFORTS["stretch"][:fine]) { |(found, _), i| [found.cost, i] }.map(&:first)
          @done += 1
          @stopped = @progress&.call([@done.to_f / whole, 1.0].min) == false
        end
      end
    end
  end
end
