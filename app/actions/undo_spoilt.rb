# frozen_string_literal: true

module Actions
  # A try that was marked as spoilt by mistake: it goes on where it stood, while the run has not gone on since.
  module UndoSpoilt
    module_function

    # @param attempt [Attempt]
    # @return [Boolean] false once the run has gone on
    def call(attempt)
      ApplicationRecord.change do
        run = attempt.run&.lead or next false
        run.lock!
        next false unless possible?(run, attempt)
        run.update!(steps: run.before_spoilt["steps"], ended_at: nil, before_spoilt: nil)
        run.forget_steps
        attempt.destroy!
        true
      end
    end

    # @param run [Run]  @param attempt [Attempt]
    def possible?(run, attempt)
      was = run.before_spoilt
      !was.nil? && was["attempt"] == attempt.id && was["ends"] == run.step_ends.reload.size
    end
  end
end
