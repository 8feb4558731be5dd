# frozen_string_literal: true

module Actions
  # A layout arranged by hand: copies moved, turned, pinned, and the rest laid again
  # round those. What is kept always keeps to the rules.
  module ArrangeCopies
    module_function

    # @param to [Hash] "copy", and "x", "y", "turn" of where it is wanted
    # @param keep [Boolean] false to ask only
    # @return [Array<UpClose::Finding>] what would be broken: then nothing is kept
    def move(mark, to, keep: true)
      ApplicationRecord.change do
        layout = laid(mark) or next []
        sheet, place = find(layout, to["copy"])
        next [] unless place
        moved = place.merge("x" => to["x"], "y" => to["y"], "turn" => to["turn"] % 360)
        broken = broken(mark, layout, sheet, moved)
        next broken if broken.any? || !keep
        place.replace(moved)
        layout.save!
        []
      end
    end

    def pin(mark, copy)
      ApplicationRecord.change do
        layout = laid(mark) or next
        _, place = find(layout, copy)
        place && place["pinned"] = !place["pinned"]
        layout.save!
      end
    end

    # what is not pinned is laid anew, round what is
    def again(mark)
      ApplicationRecord.change do
        layout = laid(mark) or next
        loose = layout.sheets.flat_map { |s| s["places"].reject { |p| p["pinned"] } }.map { |p| p["copy"] }
        found = loose.any? && nest(mark, layout, loose.size)
        layout.update!(sheets: merged(layout, found, loose)) if found && found.unplaced.empty?
      end
    end

    def laid(mark) = mark.reload.layout.then { |layout| layout if layout&.laid? }

    def find(layout, copy)
      layout.sheets.each { |sheet| sheet["places"].each { |place| return [sheet, place] if place["copy"] == copy } }
      nil
    end

    def broken(mark, layout, sheet, moved)
      outline = outline_of(mark, layout)
      others = sheet["places"].reject { |p| p["copy"] == moved["copy"] }.to_h { |p| [p["copy"], line(p, outline)] }
      UpClose::Sheets::Rules.new(blank(sheet), gap_mm: Layout::GAP, frame_mm: Layout::FRAME).broken(line(moved, outline), others)
    end

    def outline_of(mark, layout) = mark.cut_outline(boxed: mark.boxed? || layout.boxed?)

    def line(place, outline) = UpClose::Printing::NestedPack::Place.new(place["copy"], place["x"], place["y"], place["turn"]).line(outline)

    # @param more [Array] rings that are taken besides what is gone
    def blank(sheet, id: nil, more: [])
      paper = UpClose::Printing::Paper.new("", "", sheet["width_mm"], sheet["height_mm"])
      UpClose::Sheets::Nesting::Blank.new(id: id, width_mm: paper.width_mm, height_mm: paper.height_mm, used: (sheet["sheet_id"] ? sheet["used"] : LaySheet.fresh(paper).used) + more)
    end

    # with what is pinned as if it were gone; nothing is lost where the rest no longer fits
    def nest(mark, layout, count)
      outline = outline_of(mark, layout)
      blanks = layout.sheets.each_with_index.map { |sheet, i| blank(sheet, id: i.to_s, more: sheet["places"].select { |p| p["pinned"] }.map { |p| line(p, outline).map(&:to_a) }) }
      fresh = LaySheet.fresh(UpClose::Printing::Paper.fetch(mark.paper))
      found = LaySheet.search(mark, count, blanks.map { |b| LaySheet.off_tracks(mark, b) }, LaySheet.off_tracks(mark, fresh))
      found.unplaced.empty? ? found : LaySheet.search(mark, count, blanks, fresh)
    end

    def merged(layout, found, loose)
      sheets = layout.sheets.map { |sheet| sheet.merge("places" => sheet["places"].select { |p| p["pinned"] }) }
      found.sheets.each do |laid|
        sheet = laid.blank.id ? sheets[laid.blank.id.to_i] : {"sheet_id" => nil, "version" => nil, "width_mm" => laid.blank.width_mm, "height_mm" => laid.blank.height_mm, "used" => [], "places" => []}.tap { |fresh| sheets << fresh }
        laid.placements.each { |p| sheet["places"] << {"copy" => loose.shift, "x" => p.x, "y" => p.y, "turn" => p.turn} }
      end
      sheets.reject { |sheet| sheet["places"].empty? }
    end
  end
end
