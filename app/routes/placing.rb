# frozen_string_literal: true

require "json"

module Routes
  # Place: by figures, by drag, by keys.
  module Placing
    # what only these routes need
    module Helping
      def wants_json? = request.env["HTTP_ACCEPT"].to_s.include?("application/json")

      def answer(mark, form, placement: mark.placement, front: true)
        status 422 unless form.ok?
        content_type :json
        place = Presenters::PlaceStage.new(mark, writer: writer, placement: placement)
        JSON.generate(
          drawing: part(:piece_scene, view: place.view),
          front: front && place.curved? && part(:front_view, view: place.front),
          said: part(:place_findings, at: place, mark: mark),
          next: part(:place_next, at: place, mark: mark),
          fields: place.fields,
          errors: form.errors,
          shown: Forms::Seen.text(Forms::PlaceForm.fields(mark, writer)),
          placed: {x: placement.x_mm, y: placement.y_mm},
          snaps: front ? place.snaps : nil,
          undo: mark.earlier_places.any?,
          looking: mark.looked.nil?,
          cell: row(mark).cell("place").figure
        )
      end
    end

    def self.registered(app)
      app.helpers Helping
      places(app)
      moving(app)
      moves(app)
      settling(app)
    end

    # one place
    def self.places(app)
      app.get "/marks/:id/place" do
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/artwork"), 303 unless mark.artwork
        redirect to("/marks/#{mark.id}/cover"), 303 if mark.covering.any?
        stage mark, "place", form: nil, asked: false, at: Presenters::PlaceStage.new(mark, writer: writer)
      end
    end

    # moved by figures, by drag, by keys
    def self.moving(app)
      app.post "/marks/:id/place" do
        mark = find_mark(params["id"])
        form = Forms::PlaceForm.new(params, mark: mark, writer: writer)
        done = Actions::PlaceMark.call(mark, form, now)
        next answer(mark, form) if wants_json?
        unless done
          halt 422, stage(mark, "place", form: form, asked: false, at: Presenters::PlaceStage.new(mark, writer: writer))
        end
        redirect to("/marks/#{mark.id}/place"), 303
      end

      # what would be said there, nothing kept
      app.get "/marks/:id/place/look" do
        mark = find_mark(params["id"])
        form = Forms::PlaceForm.new(params, mark: mark, writer: writer)
        answer(mark, form, placement: form.placement || mark.placement, front: false)
      end
    end

    # moved by a press
    def self.moves(app)
      {
        "undo" => ->(m, _, _) { Actions::PlaceMark.undo(m) },
        "centre" => ->(m, p, at) { Actions::PlaceMark.centre(m, p["by"], at) },
        "largest" => ->(m, p, at) { Actions::PlaceMark.largest(m, p["where"], at, paper: p["paper"]) }
      }.each do |verb, act|
        app.post "/marks/:id/place/#{verb}" do
          mark = find_mark(params["id"])
          act.call(mark, params, now)
          redirect to("/marks/#{mark.id}/place"), 303
        end
      end
    end

    # repeats; settled
    def self.settling(app)
      app.post "/marks/:id/place/repeats" do
        mark = find_mark(params["id"])
        form = Forms::RepeatsForm.new(params, mark: mark, unit: unit)
        unless form.ok?
          halt 422, stage(mark, "place", form: form, asked: false, at: Presenters::PlaceStage.new(mark, writer: writer))
        end
        mark.change(repeats: form.repeats.to_h)
        redirect to("/marks/#{mark.id}/place"), 303
      end

      app.post "/marks/:id/place/settle" do
        mark = find_mark(params["id"])
        if Actions::LookAtArtwork.once(mark).stops.open.any?
          halt 422, stage(mark, "place", form: nil, asked: true, at: Presenters::PlaceStage.new(mark, writer: writer))
        end
        mark.change(placed_at: now)
        redirect to("/marks/#{mark.id}/#{mark.method_key ? "sheet" : "method"}"), 303
      end
    end

    private_class_method :places, :moving, :moves, :settling
  end
end
