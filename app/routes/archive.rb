# frozen_string_literal: true

module Routes
  # What is put away, and brought back: jobs, boards, marks and printers.
  module Archive
    # One kind of thing. +away+ and +back+ answer the page that is shown next
    Kind = UpClose::Value.define(:path, :model, :away, :back)

    KINDS = [
      Kind.new("jobs", Job, ->(_) { "/jobs" }, ->(job) { "/jobs/#{job.id}" }),
      Kind.new("boards", Board, ->(board) { "/jobs/#{board.job_id}" }, ->(board) { "/boards/#{board.id}" }),
      Kind.new("marks", Mark, ->(mark) { "/jobs/#{mark.job.id}" }, ->(mark) { "/jobs/#{mark.job.id}" }),
      Kind.new("printers", Printer, ->(_) { "/printers" }, ->(_) { "/printers" })
    ].freeze

    # what only these routes need
    module Helping
      # @param since [Time, nil] since when it is put away
      # @return [ApplicationRecord] what was put away or brought back
      def archive(model, since)
        model.find(params["id"]).tap { |record| record.change(archived_at: since) }
      end
    end

    def self.registered(app)
      app.helpers Helping
      KINDS.each do |kind|
        app.post("/#{kind.path}/:id/away") { redirect to(kind.away.call(archive(kind.model, now))), 303 }
        app.post("/#{kind.path}/:id/back") { redirect to(kind.back.call(archive(kind.model, nil))), 303 }
      end
    end
  end
end
