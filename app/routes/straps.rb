# frozen_string_literal: true

module Routes
  # A strap, a ring or a cut-out that finds a mark's place.
  module Straps
    # what only these routes need
    module Helping
      def mark_to_find
        find_mark(params["id"]).tap do |mark|
          redirect to("/marks/#{mark.id}/artwork"), 303 unless mark.artwork && mark.width_mm
          redirect to("/marks/#{mark.id}/place"), 303 unless MarkRegister.new(mark).any?
        end
      end

      def strap_page(mark, form: nil)
        stage mark, "strap", form: form, strap: Presenters::StrapStage.new(mark, MarkRegister.new(mark), writer: writer)
      end
    end

    def self.registered(app)
      app.helpers Helping
      pages(app)
      looks(app)
      files(app)
    end

    def self.pages(app)
      app.get("/marks/:id/strap") { strap_page(mark_to_find) }

      app.post "/marks/:id/strap" do
        mark = mark_to_find
        form = Forms::StrapForm.new(params, unit: unit)
        halt 422, strap_page(mark, form: form) unless Actions::ChooseStrap.call(mark, form)
        redirect to("/marks/#{mark.id}/strap"), 303
      end
    end

    # what it would come to, nothing kept
    def self.looks(app)
      app.get "/marks/:id/strap/look" do
        mark = mark_to_find
        form = Forms::StrapForm.new(params, unit: unit)
        halt 422 unless form.ok?
        strap = Presenters::StrapStage.new(mark, MarkRegister.new(mark, tried: form.settings), writer: writer)
        halt 422 if strap.refusal
        content_type :json
        JSON.generate(drawing: part(:strap_drawing, at: strap), said: part(:strap_said, at: strap))
      end
    end

    def self.files(app)
      Shelves::RegisterFiles::KINDS.each do |kind, type|
        app.get "/marks/:id/strap.#{kind}" do
          mark = mark_to_find
          strap = Presenters::StrapStage.new(mark, MarkRegister.new(mark), writer: writer)
          halt 422, strap_page(mark) if strap.refusal
          title = "#{mark.title}, #{strap.noun}"
          download(Shelves::RegisterFiles.call(strap.register.aid, kind, title: title, paper: mark.paper), type,
            "#{title.delete(",")}.#{kind}")
        end
      end
    end

    private_class_method :pages, :looks, :files
  end
end
