# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Tries orders of the parts and keeps the best layout: a portfolio of plain
      # orders, then the best one shaken, again and again. Counted in
      # tries, so that a seed gives the same layout on any machine.
      class Search
        # tries for forty copies; more get fewer, since each does more, and fewer get more
        EFFORTS = {
          "first" => {cell: CellRules::QUICK, orders: 2, shaken: 4, boxed: 60},
          "good" => {cell: CellRules::FINE, orders: 12, shaken: 26, boxed: 200},
          "stretch" => {cell: CellRules::FINE, orders: 18, shaken: 100, boxed: 800}
        }.freeze
        FORTY = 40.0
        MOST_TIMES = 4.0
        FEW = 1.6
        SWAP = 0.08
        LEANS = [0.6, 1.0, 0.4].freeze
        ORDERS = [
          ->(part, box) { -part.area * 0.5 - box.area * 0.5 },
          ->(_, box) { -[box.width, box.height].max },
          ->(part, _) { -part.area },
          ->(_, box) { -(box.width + box.height) },
          ->(_, box) { -box.height },
          ->(_, box) { -[box.width, box.height].min }
        ].freeze

        # @param parts [Array<Part>]  @param leftovers [Array<Blank>]  @param fresh [Blank, nil]
        # @param room [CellRules]  @param effort [String]  @param seed [Integer]
        def initialize(parts, leftovers:, fresh:, room:, effort: "good", seed: 1)
          @parts, @leftovers, @fresh, @room, @chance = parts, leftovers, fresh, room, Chance.new(seed)
          @tries = EFFORTS.fetch(effort) do
            raise Errors::Unknown.new(
              "There is no search called “#{effort}”.",
              remedy: "Choose first, good or stretch.",
              field: :effort
            )
          end
        end

        # @yield [Float] share done, 0 to 1; answers false to stop with the best so far
        # @return [Layout]
        def call(&progress)
          @progress, @done = progress, 0
          plain.first(orders).each { |tried| try(*tried) }
          shaken.times { |i| try(*shaken_try(*@best, i)) }
          if boxy?
            boxes = Boxes.call(@parts, leftovers: @leftovers, fresh: @fresh, room: @room, tries: boxed, chance: @chance)
          end
          [Compaction.all(@best.first, @room), boxes].compact.min_by(&:cost)
        end

        private

        # packing boxes beats packing outlines only where these fill their boxes
        BOXY = 0.75
        ALL_BOXES = 0.999

        def boxy? = filled >= BOXY

        # share of their boxes that the parts fill
        def filled
          @filled ||= begin
            boxes = @parts.sum { |part| around(part).area * part.count }
            @parts.sum { |part| part.area * part.count } / boxes
          end
        end

        def around(part) = Geometry::Box.around(part.outline.map { |x, y| Geometry::Point[x, y] })

        # what reaches furthest down the last sheet is laid sooner, and every other time neighbours change places
        def shaken_try(layout, order, lean, number)
          low = layout.sheets.last&.lowest
          sooner =
            low ? @chance.sooner(order, order.index { |part, copy| part.equal?(low.part) && copy == low.copy }) : order
          [
            (number.odd? || low.nil?) ? @chance.shaken(sooner, swap: SWAP) : sooner,
            (number % 4 == 3) ? LEANS[number / 4 % LEANS.size] : lean
          ]
        end

        def size = @size ||= [MOST_TIMES, FORTY / @parts.sum(&:count)].min

        def orders = [(@tries[:orders] * size**0.5).ceil, 1].max

        # Copies of one part change places to no end, and boxes are packed better as
        # boxes; a few parts are worth more tries, since so much hangs on each.
        def shaken = (@parts.one? || boxes_only?) ? 0 : (@tries[:shaken] * [size, size**FEW].max).floor

        def boxes_only? = @leftovers.empty? && filled > ALL_BOXES

        def boxed = @stopped ? 0 : (@tries[:boxed] * [size, size**2].min).floor

        def whole = orders + shaken

        def decoder = @decoder ||= Decoder.new(@room.with(cell: @tries[:cell]), leftovers: @leftovers, fresh: @fresh)

        def plain
          boxes = @parts.to_h { |part| [part, around(part)] }
          lists = ORDERS.map { |key|
            @parts.each_with_index.sort_by { |part, i| [key.call(part, boxes[part]), i] }.flat_map do |part, _|
              Array.new(part.count) { |i| [part, i + 1] }
            end
          }
            .uniq
          LEANS.each_index.flat_map { |k| lists.each_with_index.map { |list, i| [list, LEANS[(i + k) % LEANS.size]] } }
        end

        # what cannot be as cheap as the best is given up on the way
        def try(order, lean)
          return if @stopped
          layout = decoder.call(order, lean: lean, limit: @best&.first&.cost)
          @best = [layout, order, lean] if layout && (@best.nil? || (layout.cost <=> @best.first.cost) < 1)
          @done += 1
          @stopped = @progress&.call([@done.to_f / whole, 1.0].min) == false
        end
      end
    end
  end
end
