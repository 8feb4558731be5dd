# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Parts as upright boxes, exactly: the free room kept as its largest boxes
      # (J. Jylänki, A Thousand Ways to Pack the Bin, 2010), by several rules of where
      # a box goes and several orders, some of them shaken. Where parts are boxes, no
      # cells beat it.
      class Boxes
        # a longer list is packed by one rule only: free boxes grow with it
        MANY = 100
        # boxes are worth many tries where the parts fill more of theirs than this
        FILLED = 0.95
        # of a cut and a free box; the place where it is least is taken, of equals the first
        RULES = [
          ->(cut, free) { [(free.y + cut.box.height).round(6), free.x, free.width] },
          ->(cut, free) {
            [[free.width - cut.box.width, free.height - cut.box.height].min.round(6), free.y, free.x]
          },
          ->(cut, free) { [(free.area - cut.box.area).round(6), free.y, free.x] },
          ->(cut, free) {
            [[free.width - cut.box.width, free.height - cut.box.height].max.round(6), free.y, free.x]
          }
        ].freeze
        # largest first
        ORDERS = %i[first_area least_height most_width first_sides].freeze

        # One order of copies, packed by a rule. Frozen.
        Packed = Value.define(:layout, :order, :rule) do
          # @param other [Packed]  @return [Boolean]
          def better?(other) = (layout.cost <=> other.layout.cost) == -1
        end

        # @param parts [Array<Part>]  @param leftovers [Array<Blank>]  @param fresh [Blank, nil]
        # @param room [CellRules]  @param tries [Integer] shaken orders besides the plain ones
        # @return [Layout, nil] nil where it does not serve: leftovers are not boxes
        def self.call(parts, leftovers:, fresh:, room:, tries: 0, chance: Chance.new(1))
          new(parts, fresh, room, chance).call(tries) if leftovers.empty? && fresh
        end

        def initialize(parts, fresh, room, chance)
          @parts, @fresh, @room, @chance = parts, fresh, room, chance
          @free = BoxSheet.free_on(fresh, room)
        end

        # @return [Layout] the best
        def call(tries)
          best = plain.reduce { |first, second| second.better?(first) ? second : first }
          (filled? ? tries : 0).times do |i|
            packed = pack(@chance.shaken(best.order), RULES[i % RULES.size])
            best = packed if packed.better?(best)
          end
          best.layout
        end

        private

        # @return [Array<Packed>] every order by every rule, or the first alone where that takes long
        def plain
          pairs = orders.product(RULES)
          pairs = pairs.first(1) unless copies.size <= MANY && filled?
          pairs.map { |order, rule| pack(order, rule) }
        end

        def copies = @copies ||= @parts.flat_map { |part| BoxCopy.all(part, @room.gap) }

        def orders
          ORDERS.map { |size| copies.sort_by.with_index { |copy, i| [-copy.public_send(size), i] } }
        end

        # whether it is worth trying hard: hardly anything stands off from its box
        def filled?
          return @filled if defined?(@filled)
          boxes = @parts.sum { |part| BoxCopy.cuts(part, 0).map { |cut| cut.box.area }.min }
          @filled = @parts.sum(&:area) > FILLED * boxes
        end

        # @param order [Array<BoxCopy>]  @return [Packed]
        def pack(order, rule)
          sheets, unplaced = [], []
          order.each do |copy|
            next if sheets.any? { |sheet| sheet.lay(copy, rule) }
            another = BoxSheet.new(@free)
            another.lay(copy, rule) ? sheets << another : unplaced << [copy.part, copy.number]
          end
          Packed.new(Layout.new(sheets.map { |sheet| sheet.laid_on(@fresh) }, unplaced), order, rule)
        end
      end
    end
  end
end
