# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # A layout in figures, beside what a person gets by hand and what no one can beat.
      class Report
        # @param request [Request]  @param layout [Layout]
        def initialize(request, layout)
          @request, @layout = request, layout
        end

        # @return [Hash]
        def to_h
          {sheets: @layout.sheets.map { |s|
            {leftover: s.blank.id, reach_mm: s.reach.round(3), placements: s.placements.map { |p| placement(p) }}
          },
           unplaced: @layout.unplaced.map { |part, copy| {id: part.id, copy: copy, reason: reason(part)} },
           utilisation: @layout.utilisation, tidied: by_hand(:tidied), listed: by_hand(:listed), area_bound: area_bound}
        end

        # what utilisation would be if grown parts filled the inside of the frame without waste
        def area_bound
          fresh = @layout.fresh.flat_map(&:placements)
          return if fresh.empty?
          room, blank = @request.room, @request.fresh
          inside = room.columns(blank.width_mm) * room.cell
          grown = fresh.group_by(&:part).sum { |part, copies| part.region.grown(room.gap / 2).area * copies.size }
          tall = room.rows(blank.height_mm) * room.cell
          whole, rest = (grown / inside).divmod(tall)
          area = whole * blank.area + (rest + room.top) * blank.width_mm
          fresh.sum { |p| p.part.area } / area
        end

        private

        def placement(place) = {id: place.id, copy: place.copy, x_mm: place.x, y_mm: place.y, turn_deg: place.turn}

        def by_hand(way)
          if @request.fresh && @request.leftovers.empty?
            ByHand.public_send(way, @request.parts, fresh: @request.fresh, room: @request.room).utilisation
          end
        end

        def reason(part)
          box = Geometry::Box.around(part.outline.map { |x, y| Geometry::Point[x, y] })
          "#{Working.number(box.width, 1)} × #{Working.number(box.height, 1)} mm fits on no sheet here, inside the " \
          "frame, at the turns allowed."
        end
      end
    end
  end
end
