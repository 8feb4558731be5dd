# frozen_string_literal: true

module Actions
  # Starts a run and moves it on. Moments come from the caller's clock.
  module RunMarks
    module_function

    # @param others [Array<Mark>] done in the same run
    # @return [Run] the one under way, or a new one
    # @raise [UpClose::Errors::Unsuitable] when something says stop, and no reason was given for going on
    def start(mark, now, others: [])
      [mark, *others].each { |begun| GoPast.check!(begun) }
      ApplicationRecord.change do
        mark.lock!
        open = mark.run
        next open.lead if open && !open.finished?
        others.any? ? begin_joined([mark, *others], now) : begin_alone(mark, now)
      end
    end

    def begin_alone(mark, now) = create(mark, now, steps: mark.planned.written_out.map(&:to_h))

    # one run for all of them: the first mark's leads
    def begin_joined(marks, now)
      parts = marks.map do |mark|
        UpClose::Rounds::Joined::Part.new(
          name: mark.id, steps: mark.planned.steps, prints: mark.copies_wanted, pieces: mark.pieces_to_do
        )
      end
      lead = create(
        marks.first, now, steps: UpClose::Rounds::Joined.new(parts).written_out.map(&:to_h),
        together: parts.map { |part| {"mark" => part.name, "pieces" => part.pieces, "prints" => part.prints} }
      )
      marks.drop(1).each { |mark| create(mark, now, steps: [], leader: lead) }
      lead
    end

    def create(mark, now, **more)
      mark.runs.create!(began_at: now, override_reason: (mark.stops.reason if mark.stops.any?), **more)
    end

    # a press that waited in the browser for the server counts from when it was made, up to so long
    MOST_AGO_S = 24 * 3600

    # @param ago [String, nil] seconds, as the page counted them
    # @return [Time] never before the step before it ended
    def pressed_at(run, ago, now)
      before = run.step_ends.map(&:done_at).max || run.began_at
      seconds = Float(ago, exception: false) || 0.0
      [now - (seconds.finite? ? seconds.clamp(0.0, MOST_AGO_S) : 0.0), before].max
    end

    # Done twice, or done from a page that has been overtaken, counts once.
    # @param key [String] the step the maker saw
    # @return [Boolean] whether it moved on
    def finish_step(run, key, now)
      ApplicationRecord.change do
        run.lock!
        state = run.clockwork.state(now.to_f)
        return false unless state.step && state.step.key == key
        run.step_ends.create!(step: key, done_at: now, late: state.late?)
        run.step_ends.reset
        run.update!(ended_at: now) if run.clockwork.finished?
        true
      end
    end

    # The try at hand is spoilt. In a round it is tried again with the next print; without one, that piece is left.
    # @param key [String] the step that the maker saw
    # @param seen [String, Integer, nil] how many attempts of this run that page told of; nil where it told none
    # @return [Attempt, nil] nil from a page that has been overtaken, which spoils nothing
    def spoil(run, key, now, seen: nil)
      ApplicationRecord.change do
        run.lock!
        step = step_at_hand(run, now)
        return if step&.key != key || (seen && seen.to_i != run.attempts.reload.size)
        mark, piece = run.owner(step.turn)
        spoilt = RecordAttempt.spoilt(mark, run, piece: piece)
        run.attempts.reset
        run.update!(before_spoilt: {"attempt" => spoilt.id, "steps" => run.steps, "ends" => run.step_ends.size})
        tried_again(run, step) if step.round
        spoilt
      end
    end

    # as the run keeps it: its clockwork knows it at the maker's own pace
    def step_at_hand(run, now)
      key = run.clockwork.state(now.to_f).step&.key
      run.steps_core.find { |step| step.key == key }
    end

    def tried_again(run, step)
      # the failed print is counted as spoilt already, and its try still stands among the others
      spare = run.spares_left(step) >= 0
      miss = run.mark.method_core.on_a_miss
      steps = UpClose::Rounds::Retry.new(run.steps_core, failed: step, done: run.step_ends.map(&:step))
        .call(print: spare || miss == :rubbed_out, sand: miss == :piece)
      run.update!(steps: steps.map(&:to_h))
      run.forget_steps
      run.update!(ended_at: run.step_ends.last&.done_at || run.began_at) if run.clockwork.finished?
      spare
    end

    # the same step done for every run that stands at it and was shown on the press
    # @param shown [Array<Integer>] ids of the runs that the press named
    # @return [Integer] how many moved on
    def finish_for_all(run, key, now, shown:)
      run.at_the_same(key, now).select { |joined| shown.include?(joined.id) }
        .count { |joined| finish_step(joined, key, now) }
    end

    MOST_PASSES = 99

    # one stroke more over the whole of it
    def count_pass(run, key)
      ApplicationRecord.change do
        run.lock!
        if run.steps_core.any? { |step| step.key == key && step.passes }
          run.update!(passes: run.passes.merge(key => [run.passes[key].to_i + 1, MOST_PASSES].min))
        end
      end
    end

    # not come out yet: back to the step that does it, as often as it takes
    # @return [Boolean]
    def again(run, key)
      ApplicationRecord.change do
        run.lock!
        step = run.clockwork.state(0).step
        back = step && step.key == key && step.repeat_from && run.steps_core.index { |s| s.key == step.repeat_from }
        return false unless back
        run.step_ends.where(step: run.steps_core.drop(back).map(&:key)).destroy_all
        run.step_ends.reset
        run.update!(passes: run.passes.merge("#{key} again" => run.passes["#{key} again"].to_i + 1))
        true
      end
    end

    # changes whenever something has been done in any run, from any device
    # @return [String]
    def stamp = ChangeCount.of("attempts", "runs", "step_ends").join("-")

    # the same for each run that is open or was lately: a page tells its own run's changes from those of others
    # @return [Hash{String => Object}] "all" and "runs" by number
    def stamps
      lately = Run.where(ended_at: nil).or(Run.where("runs.updated_at > ?", Time.now - 86_400))
      ends = StepEnd.where(run_id: lately.select(:id)).group(:run_id).pluck(
        :run_id,
        Arel.sql("max(id)"),
        Arel.sql("count(*)")
      ).to_h do |id, *rest|
        [id, rest]
      end
      spoilt = Attempt.where(run_id: lately.select(:id)).group(:run_id).count
      runs = lately.pluck(:id, :updated_at)
        .to_h { |id, changed_at| [id.to_s, [ends[id], spoilt[id], changed_at.to_f].join("-")] }
      {"all" => stamp, "runs" => runs}
    end

    # takes the last step back
    def step_back(run)
      ApplicationRecord.change do
        run.lock!
        run.step_ends.last&.destroy!
        run.step_ends.reset
        run.update!(ended_at: nil)
      end
    end
  end
end
