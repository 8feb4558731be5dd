# frozen_string_literal: true

module Routes
  # How deep a mark is etched, and how long that takes.
  module Baths
    # what only these routes need
    module Helping
      # a mark that is etched, on a metal that a bath eats
      def etched_mark
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/purpose"), 303 unless MarkEtching.new(mark).etched?
        looked_first(mark)
      end

      def bath_form(mark) = Forms::BathForm.new(params, etching: MarkEtching.new(mark), unit: unit)

      def bath_page(mark, form: nil, refusal: nil)
        bath = Presenters::BathStage.new(mark, MarkEtching.new(mark), writer: writer)
        stage mark, "bath", form: form, refusal: refusal, bath: bath
      end
    end

    def self.registered(app)
      app.helpers Helping
      choosing(app)
      helping_on(app)
      measuring(app)
    end

    # depth, bath and what they come to
    def self.choosing(app)
      app.get("/marks/:id/bath") { bath_page(etched_mark) }

      # the drawing alone, at another depth
      app.get "/marks/:id/bath/section" do
        mark = etched_mark
        depth = UpClose::Measure::LengthReader.new(unit: unit, range_mm: UpClose::Etching::DEPTHS_MM, field: :depth)
          .read(params["depth"]).mm
        told = MarkEtching.new(mark).to_h.merge(depth_mm: depth)
        part(:bath_drawn, bath: Presenters::BathStage.new(mark, MarkEtching.new(mark, typed: told), writer: writer))
      end

      app.post "/marks/:id/bath" do
        mark = etched_mark
        form = bath_form(mark)
        kept = form.ok? && Actions::ChooseBath.call(mark, MarkEtching.new(mark, typed: form.values), form)
        halt 422, bath_page(mark.reload, form: form) unless kept
        redirect to("/marks/#{mark.id}/bath"), 303
      end
    end

    # the resist widened, a strip etched in the simulated bath
    def self.helping_on(app)
      app.post "/marks/:id/bath/widen" do
        mark = etched_mark
        refusal = Actions::WidenResist.call(mark)
        halt 422, bath_page(mark.reload, refusal: refusal.sentence) if refusal
        redirect to("/marks/#{mark.id}/bath"), 303
      end

      app.post "/marks/:id/bath/strip" do
        mark = etched_mark
        refusal = Actions::EtchStrip.call(mark)
        halt 422, bath_page(mark.reload, refusal: refusal.sentence) if refusal
        redirect to("/marks/#{mark.id}/bath"), 303
      end
    end

    # how deep it is by now, measured between two laps
    def self.measuring(app)
      app.post "/runs/:id/depth" do
        run = Run.find(params["id"])
        key = params["step"].to_s
        redirect to("/runs/#{run.id}"), 303 unless Actions::CorrectEtch.at_hand?(run, key, now)
        params["depth_um"] = Actions::CorrectEtch.measured(run, key).to_s if params["gauge"]
        form = Forms::DepthForm.new(params)
        halt 422, bench_page(run, depth: form) unless form.ok?
        Actions::CorrectEtch.call(run, key, form.values[:depth_um], now)
        redirect to("/runs/#{run.id}"), 303
      rescue UpClose::Error => error
        halt 422, bench_page(run, refusal: error.sentence)
      end
    end
    private_class_method :choosing, :helping_on, :measuring
  end
end
