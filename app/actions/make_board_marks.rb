# frozen_string_literal: true

module Actions
  # Makes a board's copper into marks: a blank for each side, the artwork at its true size, its method, its etch.
  module MakeBoardMarks
    # copper-clad board: its copper is what is marked
    BLANK = {material: "copper", finish: "sanded", colour: "#c6854d"}.freeze
    # a blank is sawn out of the plate with so much round it
    ROUND_MM = 4.0

    module_function

    # the legend goes on when the copper is etched: the bare laminate, a film that is lifted by tape
    LAMINATE = {material: "resin", finish: "sanded", colour: "#e9e5cd"}.freeze
    LEGEND_METHOD = "tape-lift"

    # @param board [Board]
    # @return [Array<Mark>] one for each side with copper, and one for each legend
    # @raise [UpClose::Error] where the method refuses
    def call(board)
      told = Workers.call(board.drawn, :told)
      copper = told[:sides].keys.to_h { |side| [side, copper(board, side, told[:plate][:box])] }
      legends = told[:legends].keys.to_h { |side| ["#{side} legend", legend(board, side, told[:plate][:box])] }
      made = copper.merge(legends)
      ApplicationRecord.change { board.update!(made: made.transform_values(&:id)) }
      made.values
    end

    def copper(board, side, box)
      mark = mark_for(board, side, "board blank, #{side}", BLANK, box)
      artwork(mark, board, side, "copper")
      ChoosePurpose.set(mark, purpose: "resist", afterwards: "etch")
      place(mark, board, side, "copper")
      choose_method(mark, board.method_key, "layer" => side)
      ChooseBath.set(mark, MarkEtching.new(mark, typed: {depth_mm: board.depth_mm}))
      mark
    end

    def legend(board, side, box)
      mark = mark_for(board, "#{side} legend", "legend, #{side}", LAMINATE, box)
      artwork(mark, board, side, "legend")
      ChoosePurpose.set(mark, purpose: "picture")
      place(mark, board, side, "legend")
      choose_method(mark, LEGEND_METHOD)
      mark
    end

    # the one that was made before, its blank as large as it is now; a new one where that has been on the bench
    # @return [Mark]
    def mark_for(board, key, words, made_of, (_, _, width, height))
      about = {
        name: "#{board.name}, #{words}"[0, 120],
        measures: {width_mm: width + 2 * ROUND_MM, height_mm: height + 2 * ROUND_MM}
      }
      made = board.marks[key]
      return SavePiece.new_mark(blank(board, about.merge(made_of))) if made.nil? || begun?(made)
      made.piece.change(about)
      made.reload
    end

    def begun?(mark) = mark.runs.any? || mark.attempts.any?

    def blank(board, about)
      board.job.pieces.create!(shape: "rectangle", count: 1, uses: [], more_colours: [], **about)
    end

    def artwork(mark, board, side, layer)
      svg = Workers.call(board.drawn, :artwork, side, layer)
      name = "#{layer}-#{side}"
      AddArtwork.drawn(mark, svg, name: name, file_name: "#{name}.svg", source: "the board’s files")
    end

    # so that the board lies in the middle of its blank; the bottom is looked at from below
    def place(mark, board, side, layer)
      x, y = Workers.call(board.drawn, :middle, side, layer)
      x = -x if side == "bottom"
      mark.change(x_mm: x, y_mm: y, width_mm: mark.artwork.natural_width_mm)
    end

    # the first printer and sheet that it knows, its usual schools but for those given
    def choose_method(mark, key, picked = {})
      known = UpClose::Methods.fetch(key)
      ChooseMethod.set(
        mark, method_key: key, printer: known.printers.first.to_s, stock: known.stocks.first.key, reading: "auto",
        picked: known.choices.to_h { |choice| [choice.key.to_s, choice.pick_for(nil).to_s] }.merge(picked)
      )
    end
  end
end
