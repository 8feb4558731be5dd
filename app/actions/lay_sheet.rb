# frozen_string_literal: true

module Actions
  # Lays a mark's copies on sheets: in rows on fresh ones, or on part-used sheets first.
  module LaySheet
    TURNS = [0, 90, 180, 270].freeze

    module_function

    # @param form [Forms::SheetForm] gets the refusal
    # @return [Boolean]
    def call(mark, form, now)
      return false unless form.ok?
      mark.assign_attributes(form.values.merge(packed_at: now))
      mark.pack
      sheets = form.leftovers? ? laid(mark) : nil
      ApplicationRecord.change do
        mark.save!
        mark.layouts.where(state: "laid").delete_all
        sheets ? mark.layouts.create!(sheets: sheets, outline_key: mark.outline_key) : mark.layouts.where(state: "printed").update_all(state: "done")
      end
      mark.layouts.reset
      true
    rescue UpClose::Errors::DoesNotFit => error
      form.refuse(error, :paper)
      mark.restore_attributes
      false
    end

    # @return [Array<Hash>, nil] as a layout keeps them; nil when no leftover takes a copy
    def laid(mark)
      drawer = mark.suiting_sheets.to_a
      return if drawer.empty?
      layout = nest(mark, drawer)
      return if layout.sheets.all? { |s| s.blank.fresh? }
      layout.sheets.map { |sheet| kept(sheet, drawer) }
    end

    # clear of the printer's roller tracks; a mark too wide for that, across them
    def nest(mark, drawer)
      paper = UpClose::Printing::Paper.fetch(mark.paper)
      blanks = [drawer.map(&:to_core), fresh(paper)]
      layout = search(mark, mark.copies_wanted, blanks[0].map { |blank| off_tracks(mark, blank) }, off_tracks(mark, blanks[1]))
      layout = search(mark, mark.copies_wanted, *blanks) if layout.unplaced.any?
      return layout if layout.unplaced.empty?
      raise UpClose::Errors::DoesNotFit.new("#{layout.unplaced.size} of them fit on no sheet, fresh or used.", remedy: "Make it smaller, or choose larger paper.", field: :paper)
    end

    # @return [UpClose::Sheets::Nesting::Layout]
    def search(mark, count, leftovers, fresh)
      part = UpClose::Sheets::Nesting::Part.new(id: mark.title, outline: mark.cut_outline, count: count, turns: TURNS)
      room = UpClose::Sheets::Nesting::Room.new(gap_mm: Layout::GAP, frame_mm: Layout::FRAME)
      UpClose::Sheets::Nesting::Search.new([part], leftovers: leftovers, fresh: fresh, room: room, effort: "first").call
    end

    # wet ink keeps off the columns where the printer's rollers run
    def off_tracks(mark, blank)
      tracks = mark.wet? ? (mark.own_printer&.faults&.tracks(blank.width_mm, blank.height_mm) || []) : []
      tracks.empty? ? blank : UpClose::Sheets::Nesting::Blank.new(id: blank.id, width_mm: blank.width_mm, height_mm: blank.height_mm, used: blank.used + tracks)
    end

    # a fresh sheet, but for the heading's strip
    def fresh(paper)
      strip = Layout::FRAME + Layout::HEADING - Layout::GAP
      UpClose::Sheets::Nesting::Blank.new(width_mm: paper.width_mm, height_mm: paper.height_mm, used: [[[0, 0], [paper.width_mm, 0], [paper.width_mm, strip], [0, strip]]])
    end

    def kept(sheet, drawer)
      own = drawer.find { |d| d.id.to_s == sheet.blank.id }
      {"sheet_id" => own&.id, "version" => own&.lock_version, "width_mm" => sheet.blank.width_mm, "height_mm" => sheet.blank.height_mm, "used" => own ? own.rings : [],
       "places" => sheet.placements.map { |p| {"copy" => p.copy, "x" => p.x, "y" => p.y, "turn" => p.turn} }}
    end
  end
end
