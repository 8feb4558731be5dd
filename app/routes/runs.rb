# frozen_string_literal: true

require "json"

module Routes
  # Apply, Seal, the run itself, Record.
  module Runs
    # how often it is looked for what other devices changed
    LOOK_S = 0.7
    LISTENERS = Shelves::Listeners.new(every_s: LOOK_S) do
      ActiveRecord::Base.connection_pool.with_connection { Actions::RunMarks.stamps }
    end

    # what only these routes need
    module Helping
      def bench_page(run, refusal: nil, words: nil, depth: nil)
        others = Run.where(ended_at: nil, leader_id: nil).where.not(id: run.id)
          .includes(:step_ends, mark: :artwork).order(:id).to_a
        erb :"runs/show",
          locals: {
            run: run,
            at: Presenters::BenchStep.new(run, now: now),
            others: others,
            refusal: refusal,
            words: words,
            depth: depth,
            stamps: Actions::RunMarks.stamps
          },
          layout: :layout_bench
      end

      def apply_page(mark) = stage(mark, "apply", at: Presenters::ApplyStage.new(mark, now: now))

      def seal_page(mark, error = nil)
        stage mark, "seal", at: Presenters::SealStage.new(mark, now: now, error: error)
      end

      def record_page(mark, piece, form: nil)
        stage mark, "record", form: form, book: Presenters::RecordStage.new(mark, piece)
      end

      def find_run = Run.includes(:step_ends, mark: [:attempts, :artwork, {piece: :job}]).find(params["id"])
    end

    def self.registered(app)
      app.helpers Helping
      beginning(app)
      at_the_bench(app)
      changes(app)
      steps(app)
      back(app)
      spoiling(app)
      record(app)
      telling(app)
    end

    # Apply, Seal, and the start of a run
    def self.beginning(app)
      app.get("/marks/:id/apply") { apply_page(ready_mark) }

      app.get("/marks/:id/seal") { seal_page(ready_mark) }

      app.post "/marks/:id/seal" do
        mark = ready_mark
        error = Actions::ChooseSealer.call(mark, params["sealer"], coats: params["coats"])
        halt 422, seal_page(mark, error) if error
        redirect to("/marks/#{mark.id}/seal"), 303
      end

      app.post "/marks/:id/runs" do
        mark = ready_mark
        Actions::GoPast.call(mark, params["override"], now)
        halt 422, apply_page(mark) if Actions::LookAtArtwork.once(mark).stops.open.any?
        run = Actions::RunMarks.start(mark, now, others: params["together"] ? mark.companions : [])
        redirect to("/runs/#{run.id}"), 303
      end
    end

    # a run
    def self.at_the_bench(app)
      app.get "/runs/:id" do
        run = find_run
        redirect to("/runs/#{run.leader_id}"), 303 if run.leader_id
        bench_page(run)
      end
    end

    # what other devices have done, as it happens, and the server's clock
    def self.changes(app)
      app.get "/now" do
        content_type :json
        JSON.generate(now: sent_ms)
      end

      # what other devices have done, as it happens
      app.get "/changes" do
        halt 501 unless env["rack.hijack"]
        LISTENERS.add(env["rack.hijack"].call)
        # the socket is the listeners' now: what is answered here goes nowhere
        halt 200, {"content-type" => "text/event-stream"}, ""
      end
    end

    # steps done
    def self.steps(app)
      app.post "/runs/:id/done" do
        run = find_run
        if params["all"]
          shown = params["runs"].to_s.split.map(&:to_i)
          Actions::RunMarks.finish_for_all(run, params["step"].to_s, now, shown: shown)
        else
          Actions::RunMarks.finish_step(run, params["step"].to_s, Actions::RunMarks.pressed_at(run, params["ago"], now))
        end
        redirect to("/runs/#{run.id}"), 303
      end

      app.post "/runs/:id/pass" do
        Actions::RunMarks.count_pass(find_run, params["step"].to_s)
        redirect to("/runs/#{params["id"]}"), 303
      end
    end

    # done again, taken back
    def self.back(app)
      app.post "/runs/:id/again" do
        Actions::RunMarks.again(find_run, params["step"].to_s)
        redirect to("/runs/#{params["id"]}"), 303
      end

      app.post "/runs/:id/step-back" do
        Actions::RunMarks.step_back(find_run)
        redirect to("/runs/#{params["id"]}"), 303
      end
    end

    # a try that failed
    def self.spoiling(app)
      app.post "/runs/:id/spoilt" do
        run = find_run
        spoilt = Actions::RunMarks.spoil(run, params["step"].to_s, now, seen: params["seen"])
        redirect to(spoilt ? "/attempts/#{spoilt.id}/wrong" : "/runs/#{run.id}"), 303
      end

      # it was not
      app.post "/attempts/:id/unspoil" do
        attempt = find_attempt
        Actions::UndoSpoilt.call(attempt)
        redirect to("/runs/#{attempt.run.lead.id}"), 303
      end
    end

    # what came of it
    def self.record(app)
      app.get("/marks/:id/record") { record_page(ready_mark, params["piece"]&.to_i) }

      # what came out short is printed again
      app.post "/marks/:id/more" do
        mark = ready_mark
        Actions::PrintSheets.more(mark)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # how each came out
    def self.telling(app)
      app.post "/marks/:id/rest-good" do
        mark = ready_mark
        Actions::RecordAttempt.rest_good(mark)
        redirect to("/marks/#{mark.id}/record"), 303
      end

      app.post "/marks/:id/record/:piece" do
        mark = ready_mark
        piece = params["piece"].to_i
        halt 404 unless piece.between?(1, 500)
        form = Forms::AttemptForm.new(params, prints: mark.prints_made)
        halt 422, record_page(mark, piece, form: form) unless Actions::RecordAttempt.call(mark, piece, form)
        redirect to("/marks/#{mark.id}/record"), 303
      end
    end

    private_class_method :beginning, :at_the_bench, :changes, :steps, :back, :spoiling, :record, :telling
  end
end
