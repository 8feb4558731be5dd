# frozen_string_literal: true

module Actions
  # Starts a run and moves it on. Moments come from the caller's clock.
  module RunMarks
    module_function

    # @return [Run] the one under way, or a new one
    # @raise [UpClose::Errors::Unsuitable] when something refuses the work
    def start(mark, now)
      UpClose::Suitability.check!(mark.situation)
      ApplicationRecord.change do
        mark.lock!
        open = mark.run
        next open if open && !open.finished?
        mark.runs.create!(steps: mark.steps_core.map(&:to_h), began_at: now)
      end
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
