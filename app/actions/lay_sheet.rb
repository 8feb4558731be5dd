# frozen_string_literal: true

module Actions
  # Lays a mark's copies on sheets: in rows on fresh ones, or freely on part-used
  # sheets first, and with other waiting marks of the same stock and printer.
  module LaySheet
    module_function

    # @param form [Forms::SheetForm] gets the refusal
    # @return [Boolean]
    def call(mark, form, now, &progress)
      return false unless form.ok?
      mark.assign_attributes(form.values.merge(packed_at: now))
      mark.forget_design
      marks = [mark, *form.with(mark)]
      mark.pack unless form.free?
      clear = !form.free? && mark.rows_under_rollers?
      sheets = (form.free? || clear) ? laid(marks, form, clear: clear, &progress) : nil
      keep(mark, marks, sheets)
      true
    rescue UpClose::Errors::DoesNotFit => error
      form.refuse(error, :paper)
      mark.restore_attributes
      false
    end

    # all of it, or nothing
    def keep(mark, marks, sheets)
      ApplicationRecord.change do
        mark.change
        # what lies on the same sheets is laid out too
        marks.drop(1).each { |companion| companion.change(packed_at: mark.packed_at) }
        marks.each { |laid| leave_layouts(laid) }
        Layout.lay!(marks, sheets, mark.allowances) if sheets
      end
      mark.layouts.reset
    end

    # what is only laid is gone; what is printed stays for the others on it
    def leave_layouts(mark)
      mark.layouts.reset.each do |layout|
        layout.laid? ? layout.destroy! : layout.layout_marks.where(mark: mark).delete_all
      end
    end

    # @param clear [Boolean] to lie beside the printer's tracks, on fresh sheets too
    # @return [Array<UpClose::Sheets::LaidSheet>, nil] nil when one mark lies on fresh sheets alone: rows do for that
    def laid(marks, form, clear: false, &progress)
      drawer = form.leftovers? ? marks.first.suiting_sheets.to_a : []
      alone = marks.size == 1 && !form.nested? && !clear
      return if drawer.empty? && alone
      layout = nest(marks, drawer, form.effort, &progress)
      return if alone && layout.sheets.all? { |s| s.blank.fresh? }
      UpClose::Sheets::LaidSheet.numbered(layout.sheets.map { |sheet| kept(sheet, drawer) })
    end

    # clear of the printer's roller tracks; a mark too wide for that, across them
    def nest(marks, drawer, effort, &progress)
      host = marks.first
      blanks = [drawer.map(&:to_core), fresh(host)]
      off = [blanks[0].map { |blank| off_tracks(host, blank) }, off_tracks(host, blanks[1])]
      layout = search(counted(marks), host, *off, effort, &progress)
      layout = search(counted(marks), host, *blanks, effort, &progress) if layout.unplaced.any?
      return layout if layout.unplaced.empty?
      raise UpClose::Errors::DoesNotFit.new(
        "#{layout.unplaced.size} of them do not fit on any sheet, new or used.",
        remedy: "Make it smaller, use smaller gaps and margins, choose larger paper, or print it in tiles.",
        field: :paper
      )
    end

    # @return [Hash{Mark => Integer}]
    def counted(marks) = marks.to_h { |mark| [mark, mark.copies_wanted] }

    # @param counts [Hash{Mark => Integer}]  @param host [Mark] by whose allowances
    # @return [UpClose::Sheets::Nesting::Layout]
    def search(counts, host, leftovers, fresh, effort = "first", &progress)
      parts = counts.map do |mark, count|
        UpClose::Sheets::Nesting::Part.new(
          id: mark.id,
          outline: mark.cut_outline,
          count: count,
          turns: mark.allowances.turns
        )
      end
      search = UpClose::Sheets::Nesting::Search
        .new(parts, leftovers: leftovers, fresh: fresh, room: host.allowances.room(host.unprintable), effort: effort)
      told = progress && ->(doing, _, share) { progress.call(share || 0.0, share ? nil : doing) }
      Workers.call(Shelves::SheetSearch.new(search), :call, limits: Shelves::SheetSearch::LIMITS, &told)
    end

    # the widest a mark could be on each sheet that suits it, and on a fresh one
    # @return [Hash{String => Float, nil}]
    def largest(mark)
      blanks = mark.suiting_sheets
        .first(8)
        .to_h { |sheet| [sheet.name, sheet.to_core] }
        .merge("a fresh sheet" => fresh(mark))
      blanks.transform_values do |blank|
        UpClose::Sheets::LargestMark.new(
          blank,
          room: mark.allowances.room(mark.unprintable),
          turns: mark.allowances.turns
        ) { |width| mark.cutting.rough(width).outline }.width_mm
      end
    end

    # wet ink keeps off the columns where the printer's rollers run
    def off_tracks(mark, blank)
      tracks = mark.wet? ? (mark.own_printer&.faults&.tracks(blank.width_mm, blank.height_mm) || []) : []
      tracks.empty? ? blank : UpClose::Sheets::Nesting::Blank.new(
        id: blank.id,
        width_mm: blank.width_mm,
        height_mm: blank.height_mm,
        used: blank.used + tracks
      )
    end

    def fresh(mark) = UpClose::Sheets::Nesting::Blank.fresh(UpClose::Printing::Paper.fetch(mark.paper), mark.allowances)

    def kept(sheet, drawer)
      own = drawer.find { |stock_sheet| stock_sheet.id.to_s == sheet.blank.id }
      UpClose::Sheets::LaidSheet.new(
        sheet_id: own&.id, version: own&.lock_version,
        width_mm: sheet.blank.width_mm, height_mm: sheet.blank.height_mm,
        used: own ? own.rings : [], places: sheet.placements.map { |place| kept_place(place, place.copy) }
      )
    end

    # @param place [UpClose::Sheets::Nesting::Placement]  @param copy [Integer]
    # @return [UpClose::Sheets::Placement]
    def kept_place(place, copy)
      UpClose::Sheets::Placement.new(mark: place.id.to_i, copy: copy, x: place.x, y: place.y, turn: place.turn)
    end
  end
end
