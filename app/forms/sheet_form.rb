# frozen_string_literal: true

module Forms
  # How many copies, on which paper.
  class SheetForm < Base
    # whether part-used sheets are to be used up first
    def leftovers? = @leftovers

    private

    def read
      count(:copies, 1..UpClose::Printing::Rows::MOST_COPIES, "How many copies")
      choice(:paper, UpClose::Printing::Paper::ALL.map(&:key))
      @leftovers = typed(:leftovers) == "1"
    end
  end
end
