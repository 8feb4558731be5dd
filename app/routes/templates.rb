# frozen_string_literal: true

module Routes
  # The template of a mark that is drawn round: islands, bridges, windows, its files; and strips that step a unit.
  module Templates
    # what only these routes need
    module Helping
      # a mark with an artwork and a size
      def templated_mark
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/artwork"), 303 unless mark.artwork && mark.width_mm
        mark
      end

      def template_page(mark, form: nil)
        template = MarkTemplate.new(mark)
        told, refusal = begin
          [Workers.call(template.worked, :told), nil]
        rescue UpClose::Error => error
          [nil, error.sentence]
        end
        shown = told && Presenters::TemplateStage.new(told, template, writer: writer)
        stage mark, "template", form: form, shown: shown, refusal: refusal, settings: template.settings,
          stuffs: UpClose::Templates::SheetStuff.all
      end
    end

    def self.registered(app)
      app.helpers Helping
      cutting(app)
      stepping(app)
      strips(app)
    end

    # how it is cut
    def self.cutting(app)
      app.get("/marks/:id/template") { template_page(templated_mark) }

      app.post "/marks/:id/template" do
        mark = templated_mark
        form = Forms::TemplateForm.new(params, unit: unit)
        halt 422, template_page(mark, form: form) unless Actions::ChooseTemplate.call(mark, form)
        redirect to("/marks/#{mark.id}/template"), 303
      end

      app.get "/marks/:id/template.:kind" do
        mark = templated_mark
        kind = params["kind"]
        halt 404 unless Shelves::TemplateFiles::KINDS.key?(kind)
        content = Workers.call(MarkTemplate.new(mark).worked, :file, kind, mark.title, mark.paper)
        download content, Shelves::TemplateFiles::KINDS.fetch(kind), "#{mark.title} template.#{kind}"
      end
    end

    # a strip that steps a unit along a rim or a run
    def self.stepping(app)
      app.get "/stepping" do
        form = params["run"] && Forms::SteppingForm.new(params, unit: unit)
        page :"marks/stepping", here: :methods, title: "A stepping strip", form: form,
          mark: params["mark"].to_s.match?(/\A\d+\z/) ? Mark.live.find_by(id: params["mark"]) : nil
      end

      app.post "/marks/:id/stepping" do
        mark = find_mark(params["id"])
        form = Forms::SteppingForm.new(params, unit: unit)
        refused = form.strip && Actions::SqueezeToRun.call(mark, form.strip)
        form.errors[:wanted] = refused.sentence if refused
        unless form.ok?
          halt 422, page(:"marks/stepping", here: :methods, title: "A stepping strip", form: form, mark: mark)
        end
        redirect to("/marks/#{mark.id}/#{mark.method_key ? "sheet" : "place"}"), 303
      end
    end

    # as files
    def self.strips(app)
      app.get "/stepping.:kind" do
        form = Forms::SteppingForm.new(params, unit: unit)
        type = Shelves::TemplateFiles::KINDS[params["kind"]]
        halt 404 unless form.strip && type
        content = Shelves::TemplateFiles.of_layers(form.strip.layers, params["kind"], title: "Stepping strip")
        download content, type, "stepping strip.#{params["kind"]}"
      end
    end

    private_class_method :cutting, :stepping, :strips
  end
end
