# frozen_string_literal: true

module Routes
  # The first stages of a mark: Measure and Method.
  module Marks
    # what only these routes need
    module Helping
      def measure_page(mark, form = nil)
        stage mark, "measure", job: mark.job, form: form, given: nil,
          at: Presenters::MeasureStage.new(mark.piece, form, writer: writer)
      end

      def method_page(mark, form = nil)
        stage mark, "method", form: form, at: Presenters::MethodStage.new(mark, form)
      end
    end

    def self.registered(app)
      app.helpers Helping
      measure(app)
      method_stage(app)
      like_last(app)
    end

    # Measure
    def self.measure(app)
      app.get "/marks/:id" do
        stage = helper? ? "apply" : row(find_mark(params["id"])).next_stage
        redirect to("/marks/#{params["id"]}/#{stage}"), 303
      end

      app.get "/marks/:id/measure" do
        mark = find_mark(params["id"])
        measure_page(mark)
      end

      app.post "/marks/:id/measure" do
        mark = find_mark(params["id"])
        form = Forms::PieceForm.new(params, unit: unit)
        form.heed(Forms::Seen.new(params[Forms::Seen::FIELD], Forms::PieceForm.shown(mark.piece, writer)))
        halt 422, measure_page(mark, form) unless Actions::SavePiece.change(mark.piece, form)
        redirect to("/marks/#{mark.id}/#{mark.artwork ? "place" : "artwork"}"), 303
      end
    end

    # Method, and all methods side by side
    def self.method_stage(app)
      app.get "/marks/:id/method" do
        method_page(looked_first(find_mark(params["id"])))
      end

      app.post "/marks/:id/method" do
        mark = find_mark(params["id"])
        form = Forms::MethodForm.new(params, unit: unit, ground: mark.piece.colour_core)
        halt 422, method_page(mark.reload, form) unless Actions::ChooseMethod.call(mark, form)
        redirect to("/marks/#{mark.id}/#{params["go"] ? "place" : "method"}"), 303
      end

      app.get "/marks/:id/compare" do
        mark = looked_first(find_mark(params["id"]))
        printer = params["printer"] if Printer::KINDS.include?(params["printer"])
        sort = UpClose::Comparison::SORTS.key?(params["sort"]) ? params["sort"] : "fit"
        shop = Presenters::Compared.new(mark, printer || Printer.kinds)
        fumes = Preference.get("fumes")
        stage mark, "compare", compared: shop.to_core, shop: shop, printer: printer, sort: sort, fumes: fumes,
          all: params["all"] == "1"
      end
    end

    # what worked before, whole
    def self.like_last(app)
      app.post "/marks/:id/like-last" do
        mark = find_mark(params["id"])
        way = LikeLast.new(mark).way or redirect(to("/marks/#{mark.id}/method"), 303)
        refusal = Actions::ChooseMethod.like_last(mark, way)
        halt 422, page(:plain, title: "That cannot be done", says: refusal.message, way_out: refusal.remedy) if refusal
        redirect to("/marks/#{mark.id}/method"), 303
      end
    end

    private_class_method :measure, :method_stage, :like_last
  end
end
