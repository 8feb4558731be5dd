# frozen_string_literal: true

module Actions
  # Makes a board's copper into marks: a blank for each side, the artwork at its true size, its method, its etch.
  module MakeBoardMarks
    # copper-clad board: its copper is what is marked
    BLANK = {material: "copper", finish: "sanded", colour: "#c6854d"}.freeze
    # a blank is sawn out of the plate with so much round it
    ROUND_MM = 4.0

    module_function

    # @param board [Board]
    # @return [Array<Mark>] one for each side with copper
    # @raise [UpClose::Error] where the method refuses
    def call(board)
      told = Workers.call(board.drawn, :told)
      marks = told[:sides].keys.map { |side| mark(board, side, told) }
      ApplicationRecord.change { board.update!(made: told[:sides].keys.zip(marks.map(&:id)).to_h) }
      marks
    end

    def mark(board, side, told)
      mark = board.marks[side] || SavePiece.new_mark(blank(board, side, told[:plate][:box]))
      artwork(mark, board, side)
      purpose(mark)
      place(mark, board, side)
      method(mark, board, side)
      bath(mark, board)
      mark
    end

    # so that the board lies in the middle of its blank; the bottom is looked at from below
    def place(mark, board, side)
      x, y = Workers.call(board.drawn, :middle, side)
      x = -x if side == "bottom"
      ApplicationRecord.change { mark.update!(x_mm: x, y_mm: y, width_mm: mark.artwork.natural_width_mm) }
    end

    def blank(board, side, (_, _, width, height))
      board.job.pieces.create!(
        name: told_sides(board, side), shape: "rectangle", count: 1, uses: [], more_colours: [], **BLANK,
        measures: {width_mm: width + 2 * ROUND_MM, height_mm: height + 2 * ROUND_MM}
      )
    end

    def told_sides(board, side) = "#{board.name}, board blank, #{side}"[0, 120]

    def artwork(mark, board, side)
      svg = Workers.call(board.drawn, :artwork, side)
      upload = {tempfile: StringIO.new(svg), filename: "copper-#{side}.svg"}
      form = Forms::ArtworkForm.new({"kind" => "file", "file" => upload, "source" => "the board’s files"})
      AddArtwork.call(mark, form) or raise UpClose::Error.new(form.errors.values.first.to_s)
    end

    def purpose(mark)
      form = Forms::PurposeForm.new({"purpose" => "resist", "afterwards_resist" => "etch"})
      ChoosePurpose.call(mark, form) or raise UpClose::Error.new(form.errors.values.first.to_s)
    end

    def method(mark, board, side)
      printer = board.method_core.printers.first.to_s
      form = Forms::MethodForm.new({
        "way" => board.method_key, "printer" => printer, "stock" => board.method_core.stocks.first.key,
        "reading" => "auto", "pick_#{board.method_key}_layer" => side
      })
      ChooseMethod.call(mark, form) or raise UpClose::Error.new(form.errors.values.first.to_s)
    end

    def bath(mark, board)
      form = Forms::BathForm.new({"depth" => board.depth_mm.to_s}, etching: MarkEtching.new(mark))
      ChooseBath.call(mark, MarkEtching.new(mark, typed: form.values), form)
    end
  end
end
