# frozen_string_literal: true

require "json"

module Routes
  # A piece's own pages and files: its photo, and its outline, unrolled where it is curved.
  module Pieces
    # what only these routes need
    module Helping
      def photo_page(piece, form: nil, refusal: nil)
        asked = form || (piece.photo && Forms::PhotoForm.kept(piece.photo, writer))
        page :"pieces/photo",
          here: :jobs,
          title: "Photo of #{piece.name}",
          piece: piece,
          form: asked,
          asked: !form.nil?,
          refusal: refusal,
          findings: asked ? Presenters::PhotoStage.new(asked, writer: writer).findings : []
      end

      def photo(piece)
        Shelves::OutsidePicture.new(Shelves::OriginalStore.new(Settings.originals).get(piece.photo["original"]))
      end

      def photo_form(piece) = Forms::PhotoForm.new(params, photo: piece.photo, unit: unit)
    end

    SHOWN_PX = 1800
    STRAIGHTENED_PX = 1400

    def self.registered(app)
      app.helpers Helping
      photos(app)
      marking(app)
      outlines(app)
      pictures(app)
      straightened(app)
      files(app)
    end

    # a photo taken
    def self.photos(app)
      app.get("/pieces/:id/photo") { photo_page(Piece.find(params["id"])) }

      app.post "/pieces/:id/photo" do
        piece = Piece.find(params["id"])
        file = Forms::SentFile.of(params["photo"]) or
          halt 422, photo_page(piece, refusal: "Choose a photo, PNG or JPEG.")
        Actions::MeasurePhoto.take(piece, file.bytes(UpClose::Artwork::Opening::MOST_BYTES))
        redirect to("/pieces/#{piece.id}/photo"), 303
      rescue UpClose::Error => error
        halt 422, photo_page(piece, refusal: error.sentence)
      end
    end

    # what is marked on it
    def self.marking(app)
      # asked while marking: read, said, kept
      app.post "/pieces/:id/photo/marked" do
        piece = Piece.find(params["id"])
        halt 404 unless piece.photo
        form = photo_form(piece)
        findings = Presenters::PhotoStage.new(form, writer: writer).findings
        Actions::MeasurePhoto.mark(piece, form)
        status 422 unless form.ok?
        content_type :json
        JSON.generate(said: findings.map { |f| part(:finding, f: f) }.join, errors: form.errors)
      end
    end

    # what is used of it
    def self.outlines(app)
      app.post "/pieces/:id/photo/outline" do
        piece = Piece.find(params["id"])
        halt 404 unless piece.photo
        form = photo_form(piece)
        halt 422, photo_page(piece, form: form) unless form.ok? && form.scale
        refusal = (params["as"] == "backdrop") ? Actions::MeasurePhoto.use_backdrop(
          piece,
          form
        ) : Actions::MeasurePhoto.use_outline(piece, form)
        halt 422, photo_page(piece, form: form, refusal: refusal.sentence) if refusal
        mark = piece.marks.live.first
        redirect to(mark ? "/marks/#{mark.id}/measure" : "/jobs/#{piece.job_id}"), 303
      end
    end

    # pictures of it
    def self.pictures(app)
      app.get "/pieces/:id/photo.jpg" do
        piece = Piece.find(params["id"])
        halt 404 unless piece.photo
        cache_control :private, max_age: 31_536_000
        content_type "image/jpeg"
        Workers.call(photo(piece), :shown, SHOWN_PX)
      end
    end

    # straightened: all of it, or what is wanted of it
    def self.straightened(app)
      app.get "/pieces/:id/plane.png" do
        piece = Piece.find(params["id"])
        word = PhotoWord.new(piece)
        halt 404 unless word.straight?
        cache_control :private, max_age: 31_536_000
        content_type "image/png"
        Workers.call(photo(piece), :straightened, word.scale, word.box, STRAIGHTENED_PX)
      end

      app.get "/pieces/:id/straightened.png" do
        piece = Piece.find(params["id"])
        plane = PhotoPlane.new(params["laid"] ? piece.photo&.fetch("laid", nil) : piece.photo)
        halt 404 unless plane.known?
        cache_control :private, max_age: 31_536_000
        content_type "image/png"
        Workers.call(photo(piece), :straightened, plane.scale, plane.box, STRAIGHTENED_PX)
      end
    end

    # its outline as a file
    def self.files(app)
      {
        "svg" => ["image/svg+xml", ->(paths) { UpClose::Formats::SVG::OutlineWriter.call(paths) }],
        "dxf" => ["image/vnd.dxf", ->(paths) { UpClose::Formats::DXF::Writer.call(paths) }]
      }.each do |kind, (type, write)|
        app.get "/pieces/:id/outline.#{kind}" do
          piece = Piece.find(params["id"])
          download(write.call({"OUTLINE" => [piece.to_core.path]}), type, "#{piece.name}.#{kind}")
        end
      end
    end

    private_class_method :photos, :marking, :outlines, :pictures, :straightened, :files
  end
end
