# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A layout asked for from outside, as docs/nesting.md describes it. Frozen.
      class Request
        MOST_PARTS = 2000
        MOST_LEFTOVERS = 100
        attr_reader :parts, :leftovers, :fresh, :room, :effort, :seed

        # @param data [Hash] as read from JSON
        # @raise [Errors::BadShape, Errors::Unknown]
        def initialize(data)
          unless data.is_a?(Hash)
            refuse(
              "The request is no object.",
              "Give leftovers, fresh, parts and the rest, as docs/nesting.md shows.",
              :request
            )
          end
          @seed, @effort = whole(data, "seed", 1), data.fetch("effort", "good").to_s
          @room = CellRules.new(
            gap_mm: length(data, "gap_mm", 2.0, 0..100),
            frame_mm: length(data, "frame_mm", 8.0, 0..200)
          )
          turns = list(data, "turns_deg", 1..72, [0])
          @parts = list(data, "parts", 1..MOST_PARTS).map { |part| part(part, turns) }
          @leftovers = list(data, "leftovers", 0..MOST_LEFTOVERS, []).map { |sheet| blank(sheet, named: true) }
          @fresh = data["fresh"] && blank(data["fresh"])
          unless @fresh || @leftovers.any?
            refuse("There is no sheet to lay them on.", "Give a fresh sheet or a leftover.", :fresh)
          end
          freeze
        end

        # @return [Search]
        def search = Search.new(parts, leftovers: leftovers, fresh: fresh, room: room, effort: effort, seed: seed)

        private

        def part(data, turns)
          unless data.is_a?(Hash) && data["outline"].is_a?(Array)
            refuse("A part is no object.", "Give id, count and outline.", :parts)
          end
          Part.new(
            id: data["id"],
            count: data.fetch("count", 1),
            outline: data["outline"],
            holes: data["holes"] || [],
            turns: data["turns_deg"] || turns
          )
        end

        def blank(data, named: false)
          unless data.is_a?(Hash)
            refuse("A sheet is no object.", "Give width_mm, height_mm and what is used.", :leftovers)
          end
          id = data["id"].to_s if named
          Blank.new(id: id, width_mm: data["width_mm"], height_mm: data["height_mm"], used: data["used"] || [])
        end

        def list(data, key, sizes, fallback = nil)
          value = data.fetch(key, fallback)
          return value if value.is_a?(Array) && sizes.cover?(value.size)
          refuse("“#{key}” is missing or too long.", "Give a list of #{sizes.begin} to #{sizes.end}.", key.to_sym)
        end

        def length(data, key, fallback, range)
          value = data.fetch(key, fallback)
          return value.to_f if value.is_a?(Numeric) && range.cover?(value)
          refuse("“#{key}” is #{value.inspect}.", "Give millimetres from #{range.begin} to #{range.end}.", key.to_sym)
        end

        def whole(data, key, fallback)
          value = data.fetch(key, fallback)
          value.is_a?(Integer) ? value : refuse("“#{key}” is #{value.inspect}.", "Give a whole number.", key.to_sym)
        end

        def refuse(reason, remedy, field) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))
      end
    end
  end
end
