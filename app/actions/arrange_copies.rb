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
        moved = place.merge("x" => to["x"], "y" => to["y"], "turn" => to["turn"] % 360)
        broken = broken(mark, layout, sheet, moved)
        next broken if broken.any? || !keep
        place.replace(moved)
        layout.save!
        []
      end
    end

    # @param of [Hash] "copy", and "mark"
    def pin(mark, of)
      ApplicationRecord.change do
        layout = laid(mark) or next
        _, place = find(layout, of)
        place && place["pinned"] = !place["pinned"]
        layout.save!
      end
    end

    # what is not pinned is laid anew, round what is
    def again(mark)
      ApplicationRecord.change do
        layout = laid(mark) or next
        loose = layout.sheets.flat_map { |s| s["places"].reject { |p| p["pinned"] } }.group_by { |p|
          layout.mark_at(p)
        }.transform_values do |places|
          places.map { |p| p["copy"] }
        end
        found = loose.any? && nest(mark, layout, loose.transform_values(&:size))
        layout.update!(sheets: merged(layout, found, loose)) if found && found.unplaced.empty?
      end
    end

    def laid(mark) = mark.reload.layout.then { |layout| layout if layout&.laid? }

    def find(layout, of)
      whose = of["mark"] || layout.marks.first.id
      layout.sheets.each do |sheet|
        sheet["places"].each do |place|
          return [sheet, place] if place["copy"] == of["copy"] && layout.mark_at(place).id == whose
        end
      end
      nil
    end

    def broken(mark, layout, sheet, moved)
      others = sheet["places"].reject { |p| p["copy"] == moved["copy"] && p["mark"] == moved["mark"] }.to_h do |p|
        [layout.label(layout.place(p)), line(p, layout)]
      end
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
          more: sheet["places"].select { |p| p["pinned"] }.map { |p| line(p, layout).map(&:to_a) }
        )
      end
      fresh = UpClose::Sheets::Nesting::Blank.fresh(UpClose::Printing::Paper.fetch(mark.paper), layout.allowances)
      found =
        LaySheet.search(counts, mark, blanks.map { |b| LaySheet.off_tracks(mark, b) }, LaySheet.off_tracks(mark, fresh))
      found.unplaced.empty? ? found : LaySheet.search(counts, mark, blanks, fresh)
    end

    # what is pinned stays, and what was loose lies where the search has found room for it
    # @param found [UpClose::Sheets::Nesting::Layout]  @param loose [Hash{Mark => Array<Integer>}] copies
    # @return [Array<Hash>] sheets as a layout keeps them
    def merged(layout, found, loose)
      sheets = layout.sheets.map { |sheet| sheet.merge("places" => sheet["places"].select { |p| p["pinned"] }) }
      numbers = loose.transform_keys(&:id)
      found.sheets.each do |laid|
        sheet = laid.blank.id ? sheets[laid.blank.id.to_i] : fresh_sheet(laid.blank).tap { |new| sheets << new }
        laid.placements.each { |place| sheet["places"] << kept_place(place, numbers) }
      end
      sheets.reject { |sheet| sheet["places"].empty? }
    end

    def fresh_sheet(blank)
      {
        "sheet_id" => nil, "version" => nil, "width_mm" => blank.width_mm, "height_mm" => blank.height_mm,
        "used" => [], "places" => []
      }
    end

    def kept_place(place, numbers)
      id = place.id.to_i
      {"mark" => id, "copy" => numbers[id].shift, "x" => place.x, "y" => place.y, "turn" => place.turn}
    end
  end
end
