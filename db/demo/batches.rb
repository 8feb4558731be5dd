# frozen_string_literal: true

module Demo
  # Work of several pieces: a board to be burnt, coasters in lots, twelve views in one walk.
  module Batches
    private

    # hangs on the quay in sun and rain: printed wet, burnt over, oiled
    def quay_board
      mark = piece(
        "quay board, oak", "rectangle", {width_mm: 300, height_mm: 140}, "wood", "sanded", "#d2b07a",
        grit: "320", uses: %w[outdoors]
      )
      purpose(mark, "guide", "burn")
      file(mark, Art::NameBoard.svg, "Quay board.svg")
      method(mark, "ink-offset", "inkjet", stock: "photo-paper-back")
      settle(mark, width_mm: 220)
      seal(mark, "wiped-oil")
    end

    # two dozen, more than wet ink waits for: printed in lots
    def coasters
      mark = piece(
        "limewood coasters", "disc", {diameter_mm: 112}, "wood", "sanded", "#ead6ae", count: 24, grit: "320"
      )
      mark.change(clearance_mm: 6)
      purpose(mark, "picture")
      file(mark, Art::LightTower.svg, "Coaster light.svg")
      method(mark, "ink-offset", "inkjet", stock: "label-backing")
      settle(mark, width_mm: 84)
      lay(mark, 36)
      walk_to(mark, "lay:5")
    end

    # twelve pictures, each on its own tag, laid on one sheet, to be baked in one tray
    def views
      @job = job("Twelve views for the stall", "the Keepers' Society of Pellow Ness", 16, "A tag for each month.")
      marks = Art::Views::TITLES.each_index.map { |number| view(number) }
      lay(marks.first, 2, with: marks.drop(1).map { |mark| mark.id.to_s })
    end

    def view(number)
      mark = piece("aluminium tag #{number + 1}", "disc", {diameter_mm: 30}, "aluminium", "etched", "#c4c6c7")
      mark.change(clearance_mm: 1, copies: 2)
      purpose(mark, "picture")
      file(mark, Art::Views.png(number), "#{Art::Views::TITLES[number]}.png")
      method(mark, "baked-medium", "laser")
      cover(mark.reload)
      seal(mark, "none")
      mark
    end

    # begun so that a step comes to hand a moment ago, by a hand a little quicker than planned
    def walk_to(mark, key)
      took = mark.planned.written_out.take_while { |step| step.key != key }
        .map { |step| [step.key, step.least_s * 0.8 + 4 + step.earliest_s.to_i] }
      start = @now - 40 - took.sum(&:last)
      run = Actions::RunMarks.start(mark, start)
      took.reduce(start) { |at, (done, seconds)| (at + seconds).tap { |moment| finish(run, done, moment) } }
    end

    def finish(run, key, at) = Actions::RunMarks.finish_step(run.reload, key, at)
  end
end
