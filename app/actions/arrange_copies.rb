# frozen_string_literal: true

module Actions
  # A layout arranged by hand: copies moved, turned, pinned, and the rest laid again
  # round those. What is kept always keeps to the rules.
  module ArrangeCopies
    module_function

    # @param to [Hash] "copy", "mark" when there are several, and "x", "y", "turn" of where it is wanted
    # @param keep [Boolean] false to ask only
    # @return [Array<UpClose::Finding>] what would be broken: then nothing is kept
    def move(mark, to, keep: true)
      ApplicationRecord.change do
        layout = laid(mark) or next []
        sheet, place = find(layout, to)
        next [] unless place
        moved = place.with(x: to["x"], y: to["y"], turn: to["turn"] % 360)
        broken = broken(mark, layout, sheet, moved)
        next broken if broken.any? || !keep
        put(layout, sheet, place, moved)
        []
      end
    end

    # @param of [Hash] "copy", and "mark"
    def pin(mark, of)
      ApplicationRecord.change do
        layout = laid(mark) or next
        sheet, place = find(layout, of)
        put(layout, sheet, place, place.with(pinned: !place.pinned?)) if place
      end
    end

    # one place instead of another
    def put(layout, sheet, place, other)
      places = sheet.places.map { |held| held.equal?(place) ? other : held }
      keep(layout, layout.sheets.map { |laid| laid.equal?(sheet) ? sheet.holding(places) : laid })
    end

    # moves remembered, to be taken back one by one
    REMEMBERED = 30

    # @param sheets [Array<UpClose::Sheets::LaidSheet>]
    def keep(layout, sheets)
      layout.update!(sheets: sheets, earlier: (layout.earlier + [layout.sheets.map(&:to_h)]).last(REMEMBERED))
    end

    # the last move taken back
    # @return [Boolean]
    def undo(mark)
      ApplicationRecord.change do
        layout = laid(mark)
        next false unless layout&.earlier&.any?
        *rest, last = layout.earlier
        layout.update!(sheets: last.map { |sheet| UpClose::Sheets::LaidSheet.from_h(sheet) }, earlier: rest)
      end
    end

    # What is not pinned is laid anew, round what is. Searched for before the shop is held, and dropped where the layout
    # was changed meanwhile.
    # @return [Boolean] whether it was laid anew
    def again(mark)
      layout = laid(mark) or return false
      loose = layout.sheets.flat_map { |sheet| sheet.places.reject(&:pinned?) }
        .group_by { |place| layout.mark_at(place) }.transform_values { |places| places.map(&:copy) }
      nested = loose.any? && nest(mark, layout, loose.transform_values(&:size))
      return false unless nested && nested.unplaced.empty?
      ApplicationRecord.change do
        next false unless laid(mark)&.sheets&.map(&:to_h) == layout.sheets.map(&:to_h)
        keep(layout, merged(layout, nested, loose))
      end
    end

    def laid(mark) = mark.reload.layout.then { |layout| layout if layout&.laid? }

    def find(layout, of)
      whose = of["mark"] || layout.marks.first.id
      layout.sheets.each do |sheet|
        place = sheet.places.find { |held| held.copy == of["copy"] && layout.mark_at(held).id == whose }
        return [sheet, place] if place
      end
      nil
    end

    def broken(mark, layout, sheet, moved)
      others = sheet.places.reject { |place| place.same_copy?(moved) }
        .to_h { |place| [layout.label(layout.place(place)), line(place, layout)] }
      keep = layout.allowances
      UpClose::Sheets::Rules.new(Layout.blank(sheet, keep), gap_mm: keep.gap, frame_mm: keep.sides(mark.unprintable))
        .broken(line(moved, layout), others)
    end

    def line(place, layout) = layout.place(place).line(layout.outline(layout.mark_at(place)))

    # with what is pinned as if it were gone; nothing is lost where the rest no longer fits
    def nest(mark, layout, counts)
      blanks = layout.sheets.each_with_index.map do |sheet, i|
        Layout.blank(
          sheet,
          layout.allowances,
          id: i.to_s,
          more: sheet.places.select(&:pinned?).map { |place| line(place, layout).map(&:to_a) }
        )
      end
      fresh = UpClose::Sheets::Nesting::Blank.fresh(UpClose::Printing::Paper.fetch(mark.paper), layout.allowances)
      nested =
        LaySheet.search(counts, mark, blanks.map { |b| LaySheet.off_tracks(mark, b) }, LaySheet.off_tracks(mark, fresh))
      nested.unplaced.empty? ? nested : LaySheet.search(counts, mark, blanks, fresh)
    end

    # what is pinned stays, and what was loose lies where the search has found room for it
    # @param nested [UpClose::Sheets::Nesting::Layout]  @param loose [Hash{Mark => Array<Integer>}] copies
    # @return [Array<UpClose::Sheets::LaidSheet>]
    def merged(layout, nested, loose)
      places = layout.sheets.map { |sheet| sheet.places.select(&:pinned?) }
      numbers = loose.to_h { |mark, copies| [mark.id, copies.dup] }
      fresh = nested.sheets.filter_map do |laid|
        new = laid.placements.map { |place| LaySheet.kept_place(place, numbers[place.id.to_i].shift) }
        next fresh_sheet(laid.blank, new) unless laid.blank.id
        places[laid.blank.id.to_i].concat(new) && nil
      end
      [*layout.sheets.zip(places).map { |sheet, own| sheet.holding(own) }, *fresh].reject { |laid| laid.places.empty? }
    end

    def fresh_sheet(blank, places)
      UpClose::Sheets::LaidSheet.fresh(width_mm: blank.width_mm, height_mm: blank.height_mm, places: places)
    end
  end
end
