# frozen_string_literal: true

module Actions
  # Once a mark's sheets have come off the printer: what they have lost is written
  # to the drawer, all of it or nothing, and once however often it is said.
  module PrintSheets
    module_function

    # @return [UpClose::Error, nil]
    def call(mark, now)
      ApplicationRecord.change do
        mark.reload
        layout = mark.layout || rows(mark)
        next if layout.printed?
        stale = layout.changed
        raise changed(stale) if stale.any?
        layout.sheets.each { |laid| write(mark, layout, laid) }
        layout.update!(state: "printed", printed_at: now)
      end
      nil
    rescue UpClose::Error => error
      error
    end

    # A print that went wrong. Plain sheets that can be wiped or trimmed are as they
    # were; film that has been through with ink on it is not.
    # @param outcome [String] "spoilt" or "free"
    def take_back(mark, outcome)
      ApplicationRecord.change do
        layout = mark.reload.layout
        next unless layout&.printed?
        StockSheet.where(state: "here").select { |sheet| printed_on?(sheet, layout) }.each do |sheet|
          (outcome == "free") ? free(sheet, layout) : sheet.update!(state: "spoilt")
        end
        layout.update!(state: "taken back")
      end
    end

    def printed_on?(sheet, layout) = sheet.used.any? { |area| area.layout_id == layout.id }

    def free(sheet, layout)
      taken, left = sheet.used.partition { |area| area.layout_id == layout.id }
      # a sheet that this print was the first on was never in the drawer before
      began = taken.any?(&:heading?)
      (left.empty? && began) ? sheet.destroy! : sheet.update!(used: left)
    end

    # another print, of as many as are still missing and their spares
    def more(mark)
      ApplicationRecord.change do
        LaySheet.leave_layouts(mark)
        mark.change(copies: mark.more_to_print, packed_at: nil)
      end
    end

    # copies in rows, or tiles of one, as a layout of fresh sheets
    def rows(mark)
      pack = mark.pack
      sheets = pack.cells.group_by { |cell| mark.tiled? ? cell : cell.sheet }.values.map do |cells|
        UpClose::Sheets::LaidSheet.fresh(
          width_mm: pack.paper.width_mm, height_mm: pack.paper.height_mm, boxed: true,
          places: cells.map { |cell| place(mark, cell) }
        )
      end
      Layout.lay!([mark], sheets, mark.allowances)
    end

    # a tile says what of its sheet it takes
    def place(mark, cell)
      UpClose::Sheets::Placement.new(
        mark: mark.id, copy: cell.copy, x: cell.box.centre.x, y: cell.box.centre.y, turn: 0,
        ring: mark.tiled? ? cell.box.corners.map(&:to_a) : nil
      )
    end

    def write(mark, layout, laid)
      sheet = laid.fresh? ? fresh(mark, layout, laid) : layout.drawer.fetch(laid.sheet_id)
      sheet.update!(used: sheet.used + taken(layout, laid))
    end

    def fresh(mark, layout, laid)
      strip = UpClose::Sheets::Nesting::Blank.fresh(laid.paper).used.first
      StockSheet.new(
        name: StockSheet.next_name(mark.setting.stock.key),
        stock: mark.setting.stock.key,
        printer: mark.printer,
        width_mm: laid.width_mm,
        height_mm: laid.height_mm,
        used: [UpClose::Sheets::UsedArea.new(
          ring: strip, words: UpClose::Sheets::UsedArea::HEADING, layout_id: layout.id
        )]
      )
    end

    def taken(layout, laid)
      laid.places.map do |kept|
        mark = layout.mark_at(kept)
        ring = kept.ring || layout.place(kept).line(layout.outline(mark)).map(&:to_a)
        UpClose::Sheets::UsedArea.new(
          ring: ring.map { |x, y| [x.round(3), y.round(3)] }, words: mark.title, layout_id: layout.id
        )
      end
    end

    def changed(names)
      UpClose::Errors::DoesNotFit.new(
        "#{names.join(" and ")} #{(names.size == 1) ? "has" : "have"} changed since the layout was made.",
        remedy: "Lay out again.",
        field: :base
      )
    end
  end
end
