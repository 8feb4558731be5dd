# frozen_string_literal: true

module Actions
  # The drawer: sheets put in, marked as used, wiped, put away.
  module KeepSheets
    module_function

    # @param form [Forms::StockSheetForm]
    # @return [StockSheet, nil]
    def add(form)
      return unless form.ok?
      ApplicationRecord.change do
        StockSheet.create!(
          name: StockSheet.next_name(form.values[:stock]),
          **form.values.slice(:stock, :printer, :width_mm, :height_mm, :kept, :used)
        )
      end
    end

    # a sheet laid down beside its drawing: what is gone is marked on it
    # @param ring [Array<Array(Float, Float)>] mm
    # @return [UpClose::Error, nil]
    def mark_gone(sheet, ring)
      ApplicationRecord.change do
        sheet.reload.used += [UpClose::Sheets::UsedArea.new(ring: ring, words: "marked")]
        sheet.to_core
        sheet.save!
      end
      nil
    rescue UpClose::Error => error
      error
    end

    # takes back what was last marked by hand; what prints took stays
    def unmark(sheet)
      ApplicationRecord.change do
        index = sheet.reload.used.rindex(&:by_hand?)
        sheet.update!(used: sheet.used.each_with_index.reject { |_, i| i == index }.map(&:first)) if index
      end
    end

    def wipe(sheet)
      ApplicationRecord.change { sheet.update!(used: [], wiped: sheet.wiped + 1) if sheet.stock_core.wipes? }
    end

    def put(sheet, state) = ApplicationRecord.change { sheet.update!(state: state) }
  end
end
