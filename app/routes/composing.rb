# frozen_string_literal: true

require "json"

module Routes
  # Several marks on one piece, placed together; the order they are applied in; the piece's own direction.
  module Composing
    # what only these routes need
    module Helping
      def compose_at(piece)
        active = Mark.live.find_by(id: params["active"])
        layers = PieceLayers.new(piece, flank: params["flank"].to_s[/\A(left|right)\z/] || active&.flank)
        Presenters::ComposeStage.new(piece, layers, writer: writer, active: active)
      end

      def compose_page(piece, refused: nil)
        page :"pieces/compose", here: :jobs, title: "Several marks on #{piece.name}", piece: piece,
          at: compose_at(piece), refused: refused
      end
    end

    def self.registered(app)
      app.helpers Helping
      pages(app)
      ordering(app)
      directions(app)
      binding_together(app)
    end

    def self.pages(app)
      app.get("/pieces/:id/compose") { compose_page(Piece.find(params["id"])) }

      # the drawing and what is said, after a move
      app.get "/pieces/:id/compose/look" do
        compose = compose_at(Piece.find(params["id"]))
        content_type :json
        scene, told = %i[compose_scene compose_said].map { |name| part(name, at: compose) }
        JSON.generate(scene: scene, said: told, snaps: compose.snaps)
      end
    end

    # up or down among the layers
    def self.ordering(app)
      app.post "/pieces/:id/compose/order" do
        piece = Piece.find(params["id"])
        number = params["mark"].to_s.to_i
        Actions::OrderLayers.call(piece, Mark.live.find_by(id: number), params["way"])
        redirect to("/pieces/#{piece.id}/compose?active=#{number}"), 303
      end

      app.post "/pieces/:id/compose/lay" do
        host, *others = PieceLayers.new(Piece.find(params["id"])).marks.select(&:method_key)
        halt 404 unless host
        same = others.select { |other| other.stock == host.stock && other.printer == host.printer }
        typed = {
          "copies" => host.copies_wanted.to_s, "paper" => host.paper, "nested" => "1", "leftovers" => "1",
          "with" => same.map { |other| other.id.to_s }
        }
        form = Forms::SheetForm.new(typed, unit: unit)
        halt 422, sheet_stage(host, form: form) unless Actions::LaySheet.call(host, form, now)
        redirect to("/marks/#{host.id}/sheet"), 303
      end
    end

    # by two clicks, or by degrees
    def self.directions(app)
      app.post "/pieces/:id/direction" do
        piece = Piece.find(params["id"])
        form = Forms::DirectionForm.new(params)
        halt 422, compose_page(piece, refused: form) unless form.ok?
        piece.change(direction: form.kept)
        redirect to("/pieces/#{piece.id}/compose"), 303
      end

      app.post "/marks/:id/place/along" do
        mark = find_mark(params["id"])
        deg = mark.piece.direction["deg"] or halt 404
        Actions::PlaceMark.move(mark, mark.placement.with(turn_deg: deg), now)
        redirect to("/pieces/#{mark.piece.id}/compose?active=#{mark.id}"), 303
      end
    end

    # a picture and its words as one transfer
    def self.binding_together(app)
      app.post "/marks/:id/bind" do
        mark = find_mark(params["id"])
        host = Mark.live.find(params["to"])
        refused = Actions::BindMarks.call(mark, host)
        halt 422, compose_page(mark.piece, refused: refused) if refused
        redirect to("/pieces/#{mark.piece.id}/compose?active=#{host.id}"), 303
      end

      app.post "/marks/:id/unbind" do
        mark = find_mark(params["id"])
        Actions::BindMarks.part(mark)
        redirect to("/pieces/#{mark.piece.id}/compose?active=#{mark.id}"), 303
      end
    end

    private_class_method :pages, :ordering, :directions, :binding_together
  end
end
