# frozen_string_literal: true

module Forms
  # How many copies, on which paper.
  class SheetForm < Base
    private

    def read
      count(:copies, 1..UpClose::Printing::Rows::MOST_COPIES, "How many copies")
      choice(:paper, UpClose::Printing::Paper::ALL.map(&:key))
    end
  end
end
