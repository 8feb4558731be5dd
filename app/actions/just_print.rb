# frozen_string_literal: true

module Actions
  # A file or a word, a width and a method: a mark that can be printed at once. It is kept as a loose mark, on a
  # stand-in for its piece, until it is given a real one.
  module JustPrint
    JOB = "Loose prints"
    # of the stand-in round the mark, and its size before the artwork is known, mm
    ROUND_MM = 10.0
    FIRST_MM = 100.0

    module_function

    # @param form [Forms::PrintForm] gets the refusal
    # @return [Mark, nil]
    def call(form)
      return unless form.ok?
      mark = ApplicationRecord.change { SavePiece.new_mark(stand_in, 0.0) }
      if AddArtwork.call(mark, form) && choose(mark.reload, form)
        ApplicationRecord.change { size(mark, form.values[:width]) }
        mark
      else
        ApplicationRecord.change { drop(mark) }
        nil
      end
    end

    # @return [Boolean] whether it has no piece of its own yet
    def loose?(mark) = mark.job.title == JOB

    # the mark goes to a real piece; what was typed for it stays
    # @param piece [Piece]
    def give(mark, piece)
      was = mark.piece
      mark.change(piece: piece, x_mm: 0, y_mm: 0, turn_deg: 0, placed_at: nil, clearance_mm: 2.0)
      was.reload.destroy! if was.job.title == JOB && was.marks.reload.none?
    end

    # taken back whole: nothing of it was kept before
    def drop(mark)
      piece = mark.piece
      mark.destroy!
      piece.reload.destroy!
    end

    def stand_in
      job = Job.find_or_create_by!(title: JOB) do |created|
        created.note = "Printed without a piece. Give them one when you know it."
      end
      material = UpClose::Materials::ALL.first
      job.pieces.create!(
        name: "no piece yet", shape: "rectangle", count: 1, uses: [], more_colours: [],
        measures: {width_mm: FIRST_MM, height_mm: FIRST_MM}, material: material.key, finish: FINISHES.first,
        colour: material.colour
      )
    end

    # grounds to stand in, the likeliest first
    FINISHES = %w[sanded gloss-paint polished raw].freeze

    # the method, on the first ground that it takes: the real one is asked for with the piece
    def choose(mark, form)
      families = UpClose::Methods.fetch(form.values[:method_key]).ground&.fetch(:families)
      materials = UpClose::Materials::ALL.select { |material| families.nil? || families.include?(material.family) }
      materials.product(FINISHES).any? do |material, finish|
        form.errors.delete(:method_key)
        mark.piece.change(material: material.key, finish: finish, colour: material.colour)
        ChooseMethod.call(mark.reload, form)
      end
    end

    def size(mark, width_mm)
      mark.reload.assign_attributes(width_mm: width_mm, x_mm: 0, y_mm: 0)
      mark.forget_design
      mark.design.prepare_again
      mark.piece.change(measures: {width_mm: width_mm + 2 * ROUND_MM, height_mm: mark.height_mm + 2 * ROUND_MM})
      mark.change
    end
    private_class_method :stand_in, :choose, :size
  end
end
