# frozen_string_literal: true

module Actions
  # Puts a mark somewhere, remembering where it was.
  module PlaceMark
    REMEMBERED = 100

    module_function

    # @param form [Forms::PlaceForm]
    # @return [Boolean]
    def call(mark, form, now)
      return false unless form.ok?
      move(mark, form.placement, now, clearance_mm: form.values[:clearance_mm])
      Preference.put("ratio", UpClose::Working.number(form.values[:ratio], 3)) if form.values[:ratio]
      true
    end

    # @param to [UpClose::Placing::Placement]
    def move(mark, to, now, clearance_mm: mark.clearance_mm, paper: mark.paper)
      ApplicationRecord.change do
        mark.lock!
        was = state(mark)
        mark.forget_design
        mark.assign_attributes(
          width_mm: to.width_mm,
          x_mm: to.x_mm,
          y_mm: to.y_mm,
          turn_deg: to.turn_deg,
          clearance_mm: clearance_mm,
          paper: paper,
          placed_at: now
        )
        mark.earlier_places = (mark.earlier_places + [was]).last(REMEMBERED) unless was == state(mark)
        mark.change
      end
    end

    # @return [Boolean] whether there was anything to take back
    def undo(mark)
      ApplicationRecord.change do
        mark.lock!
        *rest, last = mark.earlier_places
        return false unless last
        mark.assign_attributes(**last.transform_keys(&:to_sym), earlier_places: rest)
        mark.change
      end
      true
    end

    # @param by [String] "box" or "ink": which middle goes to the piece's middle
    def centre(mark, by, now)
      here = mark.placement
      offset = (by == "ink") ? mark.room.placed.centroid - here.centre : UpClose::Geometry::Point::ORIGIN
      move(mark, here.with(x_mm: -offset.x, y_mm: -offset.y), now)
    end

    # @param where [String] "here", "anywhere", "turned" (and at the best turn), "searched", "eased" (as film follows
    #   the curve) or "paper" (what its paper takes)
    # @param paper [String, nil] a key of Printing::Paper, for "paper"
    # @return [Boolean] false when nothing fits
    def largest(mark, where, now, paper: nil)
      paper ||= mark.paper
      width, centre, turn = place_for_largest(mark, where, paper)
      return false unless width&.positive?
      move(
        mark,
        mark.placement.with(width_mm: width, x_mm: centre.x, y_mm: centre.y, turn_deg: turn || mark.turn_deg), now,
        paper: paper
      )
      true
    end

    # the long searches go on in a worker, beside the page
    def place_for_largest(mark, where, paper)
      case where
      when "anywhere" then mark.room.largest_anywhere
      when "turned" then Workers.call(mark.room, :largest_at_best_angle)
      when "searched" then Workers.call(mark.room, :largest_searched)
      when "eased" then mark.eased_place&.then { |eased| [eased.width_mm, eased.centre] }
      when "paper" then [mark.too_large(on: paper).largest_mm, mark.placement.centre]
      else [mark.room.largest_here, mark.placement.centre]
      end
    end

    def state(mark) = mark.attributes.slice("width_mm", "x_mm", "y_mm", "turn_deg", "clearance_mm")
  end
end
