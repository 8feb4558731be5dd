# frozen_string_literal: true

module Routes
  # The bench: what to do now.
  module Bench
    # what a page's own buttons set; the rest goes through Settings
    QUICK = %w[unit light fumes].freeze

    # what only these routes need
    module Helping
      def what_to_do(open)
        moment = now
        marks = Mark.undone(moment).where(jobs: {id: open})
          .preload(:artwork, :attempts, piece: :job, runs: [:step_ends, {leader: :step_ends}]).order(:id).to_a
        Presenters::BenchPage.new(
          empty_jobs: open.where.missing(:pieces).to_a,
          rows: marks.reject { |mark| mark.done?(moment) }.map { |mark| row(mark) },
          table: Presenters::Timetable.new(Actions::PlanWork.new(moment, marks: marks), now: moment),
          now: moment
        )
      end

      def back_within(url)
        uri = URI.parse(url.to_s)
        (uri.host == request.host && uri.path.start_with?("/")) ? uri.path : "/"
      rescue URI::InvalidURIError
        "/"
      end
    end

    def self.registered(app)
      app.get "/" do
        open = Job.open.where.not(title: Actions::JustPrint::JOB)
        page :bench, here: :bench, title: "Bench", bench: open.exists? ? what_to_do(open) : nil,
          backed_up: Shelves::ShopBackup.new(Settings.home).last_at
      end

      app.post "/preferences" do
        Preference.put(params["name"], params["value"].to_s) if QUICK.include?(params["name"])
        redirect back_within(request.referer), 303
      end

      app.helpers Helping
    end
  end
end
