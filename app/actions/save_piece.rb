# frozen_string_literal: true

module Actions
  # Makes a piece and its first mark, or changes a piece.
  module SavePiece
    module_function

    # @param form [Forms::PieceForm]
    # @param given [Mark, nil] one that has no piece yet, and gets this one
    # @return [Mark, nil] a mark on the new piece
    def create(job, form, clearance_mm: 2.0, given: nil)
      return unless form.ok?
      ApplicationRecord.change do
        piece = job.pieces.create!(form.values)
        given ? given.tap { |mark| JustPrint.give(mark, piece) } : new_mark(piece, clearance_mm)
      end
    end

    # @return [Boolean]
    def change(piece, form)
      return false unless form.ok?
      piece.change(form.values)
      true
    end

    # what both flanks of a body agree on
    # @param features [Array<Hash>]
    def features(piece, features) = piece.change(features: features)

    def new_mark(piece, clearance_mm = 2.0)
      ApplicationRecord.change do
        piece.marks.create!(picked: {}, earlier_places: [], clearance_mm: clearance_mm, paper: Preference.get("paper"))
      end
    end
  end
end
