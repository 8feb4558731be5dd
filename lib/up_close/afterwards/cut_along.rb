# frozen_string_literal: true

module UpClose
  module Afterwards
    # Cut out along the outline.
    class CutAlong < Work
      key "cut-along"
      follows "pattern"
      listed 70
      title "Cut along it"
      summary "Saw, scissors or knife, just outside the line."
      works_on :wood, :plastic, :paper, :metal, :leather, :cork, :cloth,
        why: "This material breaks instead of being cut."
      remedy "Leave it as a line."

      # mm a minute, by hand: starting values
      SAWN_A_MINUTE = {wood: 60, metal: 15, plastic: 60}.freeze
      CUT_A_MINUTE = 200

      work do |s|
        rate = SAWN_A_MINUTE.fetch(s.material&.family, CUT_A_MINUTE)
        hands :inside, "Cut the inside first", "Windows and slots while the piece is still stiff.",
          phase: :after, lasts: 60, each: along_lines(rate, fixed: 30), cautions: %i[blade],
          look_for: "the line still there, just beside the cut."
        hands :file, "File to the line", "Across the edge, the piece held low in the vice.",
          phase: :after, lasts: 30, each: along_lines(rate * 2, fixed: 30), cautions: %i[dust],
          look_for: "the line gone, and no more."
      end
    end
  end
end
