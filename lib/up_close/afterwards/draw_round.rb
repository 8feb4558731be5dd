# frozen_string_literal: true

module UpClose
  module Afterwards
    # Nothing more: the line is drawn, and the piece is worked as its maker likes.
    class DrawRound < Work
      key "draw-round"
      follows "pattern"
      listed 60
      title "Leave it as a line"
      summary "The outline is on the piece. You work along it as you like."
      works_on(*Materials::FAMILIES, why: "")
      remedy "Choose another."

      work do |_|
        hands :check_line, "Look along the line", "Against the piece's own edges; mend gaps with a pencil.",
          phase: :after, lasts: 10, each: along_lines(1200, fixed: 10), look_for: "a line without a gap."
      end
    end
  end
end
