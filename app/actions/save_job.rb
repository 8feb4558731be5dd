# frozen_string_literal: true

module Actions
  # Makes a job, or changes one.
  module SaveJob
    module_function

    # @param form [Forms::JobForm]
    # @return [Job, nil]
    def call(form, job: Job.new)
      return unless form.ok?
      ApplicationRecord.change { job.tap { |j| j.update!(form.values) } }
    end
  end
end
