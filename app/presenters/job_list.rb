# frozen_string_literal: true

module Presenters
  # Open jobs as a list shows them: the first marks of each, and how many it has.
  class JobList
    # marks that are drawn of each
    DRAWN = 3

    # @!attribute job [Job]  @!attribute drawn [Array<Mark>] the first ones  @!attribute number [Integer] of all
    Row = UpClose::Value.define(:job, :drawn, :number)

    # @param jobs [Array<Job>]
    def initialize(jobs)
      @jobs = jobs
    end

    # @return [Array<Row>]
    def rows
      first, count = Job.first_marks(@jobs, DRAWN), Job.counted(@jobs)
      @jobs.map { |job| Row.new(job, first.fetch(job.id, []), count.fetch(job.id, 0)) }
    end
  end
end
