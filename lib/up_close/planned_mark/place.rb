# frozen_string_literal: true

module UpClose
  class PlannedMark
    # Where a mark lies on its piece (Placing::Placement, nil before it has a size), the room wanted round it, and the
    # paper it goes to.
    Place = Value.define(:placement, :clearance_mm, :paper, :allowances, keyword_init: true) do
      def initialize(placement: nil, clearance_mm: 0.0, paper: Printing::Paper::ALL.first,
        allowances: Sheets::Allowances::START) = super
    end
  end
end
