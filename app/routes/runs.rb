# frozen_string_literal: true

module Routes
  # Apply, Seal, the run itself, Record.
  module Runs
    # what only these routes need
    module Helping
      def find_run = Run.includes(:step_ends, mark: [:attempts, :artwork, {piece: :job}]).find(params["id"])
    end

    def self.registered(app)
      app.get("/marks/:id/apply") { stage ready_mark, "apply" }

      app.get("/marks/:id/seal") { stage ready_mark, "seal", error: nil }

      app.post "/marks/:id/seal" do
        mark = ready_mark
        error = Actions::ChooseSealer.call(mark, params["sealer"])
        halt 422, stage(mark, "seal", error: error) if error
        redirect to("/marks/#{mark.id}/seal"), 303
      end

      app.post "/marks/:id/runs" do
        run = Actions::RunMarks.start(ready_mark, now)
        redirect to("/runs/#{run.id}"), 303
      end

      app.get "/runs/:id" do
        run = find_run
        erb :"runs/show", locals: {run: run, at: Presenters::BenchStep.new(run, now: now)}, layout: :layout_bench
      end

      app.post "/runs/:id/done" do
        run = find_run
        Actions::RunMarks.finish_step(run, params["step"].to_s, now)
        redirect to("/runs/#{run.id}"), 303
      end

      app.post "/runs/:id/step-back" do
        Actions::RunMarks.step_back(find_run)
        redirect to("/runs/#{params["id"]}"), 303
      end

      app.post "/runs/:id/spoilt" do
        run = find_run
        Actions::RecordAttempt.spoilt(run.mark, run)
        redirect to("/runs/#{run.id}"), 303
      end

      app.get("/marks/:id/record") { stage ready_mark, "record", form: nil, copy: nil }

      app.post "/marks/:id/record/:copy" do
        mark = ready_mark
        copy = params["copy"].to_i
        halt 404 unless copy.between?(1, 500)
        form = Forms::AttemptForm.new(params)
        halt 422, stage(mark, "record", form: form, copy: copy) unless Actions::RecordAttempt.call(mark, copy, form)
        redirect to("/marks/#{mark.id}/record"), 303
      end

      app.helpers Helping
    end
  end
end
