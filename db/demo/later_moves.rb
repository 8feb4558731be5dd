# frozen_string_literal: true

module Demo
  # What a maker does once the method is chosen, as the same actions.
  module LaterMoves
    private

    def settle(mark, **at) = Actions::PlaceMark.move(mark, mark.placement.with(**at), @now)

    def lay(mark, copies, leftovers: false, with: [])
      Actions::LaySheet.call(mark, Forms::SheetForm
        .new({"copies" => copies.to_s, "paper" => "a4", "leftovers" => leftovers ? "1" : "", "with" => with}), @now)
    end

    def seal(mark, key) = Actions::ChooseSealer.call(mark, key)

    # a whole run, each step taking its least time and a little more
    def run(mark, start)
      run = Actions::RunMarks.start(mark, start)
      at = start
      run.steps_core.each do |step|
        at += step.least_s + [step.earliest_s.to_i, 20].max
        Actions::RunMarks.finish_step(run, step.key, at)
      end
    end

    def record(mark, results, faults)
      results.each_with_index do |result, i|
        Actions::RecordAttempt.call(
          mark,
          i + 1,
          Forms::AttemptForm.new({"result" => result, "faults" => faults.fetch(i + 1, []), "note" => ""})
        )
      end
    end

    # a board from its files
    def board(name, folder, **layout)
      uploads = Dir[File.join(__dir__, "art", folder, "*")].sort.map do |path|
        Moves::Upload.new(File.binread(path), File.basename(path)).to_h
      end
      form = Forms::BoardFilesForm.new({"name" => name, "files" => uploads})
      board = Actions::AddBoard.call(@job, form) or raise form.errors.inspect
      ApplicationRecord.change { board.update!(layout: layout) }
      Actions::MakeBoardMarks.call(board)
    end

    def bath(mark, **typed)
      form = Forms::BathForm.new(typed, etching: MarkEtching.new(mark))
      form.ok? && Actions::ChooseBath.call(mark, MarkEtching.new(mark, typed: form.values), form) or
        raise form.errors.inspect
    end
  end
end
