# frozen_string_literal: true

module Actions
  # Writes down how one copy came out; saying it again changes it.
  module RecordAttempt
    module_function

    # @param form [Forms::AttemptForm]
    # @return [Attempt, nil]
    def call(mark, copy, form)
      return unless form.ok?
      ApplicationRecord.change do
        mark.lock!
        attempt = mark.attempts.find_or_initialize_by(copy: copy)
        attempt.update!(form.values.merge(run: mark.run))
        attempt
      end
    end

    # the copy at the bench is spoilt
    def spoilt(mark, run)
      ApplicationRecord.change do
        mark.lock!
        copy = (1..).find { |n| mark.attempts.none? { |a| a.copy == n } }
        mark.attempts.create!(copy: copy, run: run, result: "spoilt", faults: [], note: "")
      end
    end
  end
end
