# frozen_string_literal: true

require "json"

module Routes
  # A mark that fills its piece: the artwork moved behind the piece's outline.
  module Covers
    # what only these routes need
    module Helping
      def covering_mark
        find_mark(params["id"]).tap do |mark|
          redirect to("/marks/#{mark.id}/place"), 303 unless mark.artwork && mark.covering.any?
        end
      end

      def cover_page(mark, form: nil, features: nil)
        stage mark, "cover", form: form, asked: false, features: features,
          at: Presenters::CoverStage.new(mark, mark.covering, writer: writer)
      end

      # what is said of a cover, kept or tried
      def told_cover(mark, covering, errors = {})
        cover = Presenters::CoverStage.new(mark, covering, writer: writer)
        content_type :json
        JSON.generate(
          said: part(:cover_said, at: cover), scene: part(:cover_scene, at: cover), fields: cover.fields,
          at: cover.frame_mm,
          undo: cover.undo?, bare: cover.bare?, errors: errors.values
        )
      end
    end

    def self.registered(app)
      app.helpers Helping
      beginning(app)
      moving(app)
      behind(app)
    end

    # begun, and ended
    def self.beginning(app)
      app.post "/marks/:id/cover/begin" do
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/artwork"), 303 unless mark.artwork
        Actions::CoverPiece.call(mark, mark.covering.beginning, now) unless mark.covering.any?
        redirect to("/marks/#{mark.id}/cover"), 303
      end

      app.post "/marks/:id/cover/end" do
        mark = covering_mark
        Actions::CoverPiece.uncover(mark)
        redirect to("/marks/#{mark.id}/place"), 303
      end
    end

    # by figures, by drag, by keys
    def self.moving(app)
      app.get("/marks/:id/cover") { cover_page(covering_mark) }

      app.post "/marks/:id/cover" do
        mark = covering_mark
        form = Forms::CoverForm.new(params, covering: mark.covering, unit: unit)
        refused = Actions::CoverPiece.try(mark, form, now)
        if wants_json?
          status 422 if refused
          next told_cover(mark, mark.covering, form.errors)
        end
        halt 422, cover_page(mark, form: form) if refused
        redirect to("/marks/#{mark.id}/cover"), 303
      end

      app.post "/marks/:id/cover/undo" do
        mark = covering_mark
        Actions::CoverPiece.undo(mark, now)
        redirect to("/marks/#{mark.id}/cover"), 303
      end
    end

    # the artwork that lies behind the outline
    def self.behind(app)
      %w[svg png].each do |kind|
        app.get "/marks/:id/behind.#{kind}" do
          covering = covering_mark.covering
          halt 404 unless covering.shown["vector"] == (kind == "svg")
          cache_control :private, max_age: 31_536_000
          content_type Shelves::PrintFiles::KINDS[kind]
          Workers.call(covering.behind, :"ink_#{kind}")
        end
      end
    end

    private_class_method :beginning, :moving, :behind
  end
end
