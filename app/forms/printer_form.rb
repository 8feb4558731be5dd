# frozen_string_literal: true

module Forms
  # A printer's name and kind.
  class PrinterForm < Base
    private

    def read
      words(:name, required: "Give the printer a name, such as “upstairs laser”.", most: 60)
      choice(:kind, Printer::KINDS)
    end
  end
end
