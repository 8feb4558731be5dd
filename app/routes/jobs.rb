# frozen_string_literal: true

module Routes
  # Jobs, and the pieces of a job.
  module Jobs
    # open jobs on a page
    OPEN_A_PAGE = 24

    # what only these routes need
    module Helping
      def new_piece(job, form: nil)
        page :"marks/measure", here: :jobs, title: "Measure", job: job, mark: nil, stage: "measure", form: form,
          given: params["mark"], at: Presenters::MeasureStage.new(nil, form, writer: writer)
      end

      # a mark that was printed without a piece, and gets one now
      def loose(id)
        mark = Mark.live.find_by(id: id)
        mark if mark && Actions::JustPrint.loose?(mark)
      end

      def cost_page(job, refusal: nil)
        marks = Mark.live
          .where(piece: job.pieces)
          .where.not(method_key: nil)
          .where.not(width_mm: nil)
          .preload(:artwork, :attempts, piece: :job)
          .order(:id)
          .select(&:artwork)
        page :"jobs/cost",
          here: :jobs,
          title: "Cost",
          job: job,
          hour_cents: Preference.get("hour_cents").to_i,
          costed: marks.map { |mark| Presenters::Costed.new(mark) },
          refusal: refusal
      end

      # @param refusal [String, nil] why a bundle was not taken in
      def jobs_page(refusal: nil)
        away = Helpers::Paged.new(Job.put_away, params["page"])
        open = Helpers::Paged.new(Job.open, params["open"], size: OPEN_A_PAGE)
        page :"jobs/index", here: :jobs, title: "Jobs", open: open, rows: Presenters::JobList.new(open.rows).rows,
          away: away, refusal: refusal
      end
    end

    def self.registered(app)
      app.helpers Helping
      jobs(app)
      card(app)
      costs(app)
      changing(app)
      pieces(app)
    end

    # jobs
    def self.jobs(app)
      app.get("/jobs") { jobs_page }

      app.get("/jobs/new") { page :"jobs/form", here: :jobs, title: "New job", job: Job.new, form: nil }

      app.post "/jobs" do
        form = Forms::JobForm.new(params)
        job = Actions::SaveJob.call(form)
        halt 422, page(:"jobs/form", here: :jobs, title: "New job", job: Job.new, form: form) unless job
        redirect to("/jobs/#{job.id}/pieces/new"), 303
      end
    end

    # a job's card
    def self.card(app)
      app.get "/jobs/:id" do
        job = Job.find(params["id"])
        boards_away, boards = job.boards.partition(&:archived_at)
        away, live = job.whole_marks.partition(&:archived_at)
        page :"jobs/show",
          here: :jobs,
          title: job.title,
          job: job,
          boards: boards,
          boards_away: boards_away,
          rows: live.map { |m| row(m) },
          away: away
      end
    end

    # what a job costs
    def self.costs(app)
      app.get("/jobs/:id/cost") { cost_page(Job.find(params["id"])) }

      app.post "/jobs/:id/cost" do
        job = Job.find(params["id"])
        Preference.put("hour_cents", UpClose::Costing::Money.read(params["hour"], field: :hour).to_s)
        redirect to("/jobs/#{job.id}/cost"), 303
      rescue UpClose::Error => error
        halt 422, cost_page(job, refusal: error.sentence)
      end
    end

    # a job changed
    def self.changing(app)
      app.get("/jobs/:id/edit") do
        page :"jobs/form", here: :jobs, title: "Change job", job: Job.find(params["id"]), form: nil
      end

      app.post "/jobs/:id" do
        job = Job.find(params["id"])
        form = Forms::JobForm.new(params)
        unless Actions::SaveJob.call(form, job: job)
          halt 422, page(:"jobs/form", here: :jobs, title: "Change job", job: job, form: form)
        end
        redirect to("/jobs/#{job.id}"), 303
      end
    end

    # its pieces and their marks
    def self.pieces(app)
      app.get "/jobs/:id/pieces/new" do
        new_piece(Job.find(params["id"]))
      end

      app.post "/jobs/:id/pieces" do
        job = Job.find(params["id"])
        form = Forms::PieceForm.new(params, unit: unit)
        mark = Actions::SavePiece.create(job, form, given: loose(params["mark"]))
        halt 422, new_piece(job, form: form) unless mark
        redirect to("/marks/#{mark.id}/#{mark.artwork ? "place" : "purpose"}"), 303
      end

      app.post "/pieces/:id/marks" do
        mark = Actions::SavePiece.new_mark(Piece.find(params["id"]))
        redirect to("/marks/#{mark.id}/purpose"), 303
      end
    end

    private_class_method :jobs, :card, :costs, :changing, :pieces
  end
end
