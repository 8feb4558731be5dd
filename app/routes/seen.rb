# frozen_string_literal: true

require "json"

module Routes
  # A piece with its marks as they will look on its very photo, and that as a picture to show.
  module Seen
    # what only these routes need
    module Helping
      def piece_seen
        piece = Piece.find(params["id"])
        [piece, PieceSeen.new(piece, flank: params["flank"].to_s[/\A(left|right)\z/])]
      end
    end

    def self.registered(app)
      app.helpers Helping
      page(app)
      pictures(app)
      white(app)
    end

    def self.page(app)
      app.get "/pieces/:id/seen" do
        piece, seen = piece_seen
        redirect to("/jobs/#{piece.job_id}"), 303 if seen.marks.empty?
        page :"pieces/seen", here: :jobs, title: "#{piece.name}, as it will look", piece: piece,
          at: Presenters::SeenStage.new(piece, seen, writer: writer, left: params["left"], right: params["right"])
      end
    end

    # to show whoever ordered it
    def self.pictures(app)
      app.get "/pieces/:id/seen/:film.png" do
        _, seen = piece_seen
        halt 404 unless Presenters::SeenStage::FILMS.key?(params["film"]) && seen.marks.any?
        cache_control :private, max_age: 31_536_000
        bytes = seen.seen.fetch(params["film"].to_sym)
        next download(bytes, "image/png", "#{Piece.find(params["id"]).name}.png") if params["download"]
        content_type "image/png"
        bytes
      end
    end

    # white paper in the photo, where it was clicked
    def self.white(app)
      app.post "/pieces/:id/seen/white" do
        piece = Piece.find(params["id"])
        halt 404 unless piece.photo
        Actions::MeasurePhoto.white(piece, %w[x_mm y_mm].map { |name| Float(params[name].to_s, exception: false) })
        redirect to("/pieces/#{piece.id}/seen"), 303
      end
    end

    private_class_method :page, :pictures, :white
  end
end
