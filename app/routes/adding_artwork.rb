# frozen_string_literal: true

module Routes
  # The Artwork stage: what goes on the piece is added, or taken from the shop.
  module AddingArtwork
    AGAIN = {"part" => {take_part: true}, "all" => {take_all: true}, "page" => {}}.freeze

    # what only these routes need
    module Helping
      # artworks already in the shop, newest first
      def others(mark) = ::Artwork.where.not(id: mark.artwork_id || 0).order(id: :desc).limit(12).to_a

      def artwork_stage(mark, form: nil, findings: nil, refusal: nil)
        stage mark,
          "artwork", form: form, others: others(mark), findings: findings, recipe_error: refusal, recipe_typed: nil
      end

      # with what is known of it already, so that nothing moves under the pointer later
      def artwork_refused(mark, **why)
        mark = find_mark(mark.id)
        halt 422, artwork_stage(mark, findings: mark.artwork && mark.design.findings_at_hand, **why)
      end
    end

    def self.registered(app)
      app.helpers Helping
      adding(app)
      as_ink(app)
      otherwise(app)
    end

    # what is added
    def self.adding(app)
      app.get "/marks/:id/artwork" do
        mark = find_mark(params["id"])
        looked = (Actions::LookAtArtwork.call(mark) if mark.artwork && (params["look"] || mark.design.findings_at_hand))
        artwork_stage(mark, findings: looked)
      end

      app.post "/marks/:id/artwork" do
        mark = find_mark(params["id"])
        form = Forms::ArtworkForm.new(params, unit: unit)
        artwork_refused(mark, form: form) unless form.ok?
        next artwork_stage(mark, form: form, findings: mark.artwork && mark.design.findings_at_hand) if form.preview
        artwork_refused(mark, form: form) unless Actions::AddArtwork.call(mark, form)
        redirect to("/marks/#{mark.id}/artwork"), 303
      end
    end

    # white read as ink
    def self.as_ink(app)
      app.post "/marks/:id/artwork/white" do
        mark = find_mark(params["id"])
        halt 404 unless Shelves::OriginalStore::NAME.match?(params["original"].to_s)
        name = params["name"].to_s.strip[0, 120]
        refusal = Actions::AddArtwork.white(
          mark,
          UpClose::Artwork::WaysWithWhite.fetch(params["way"]),
          original: params["original"],
          name: name.empty? ? "Artwork" : name,
          source: params["source"].to_s[0, 300]
        )
        artwork_refused(mark, refusal: refusal.sentence) if refusal
        redirect to("/marks/#{mark.id}/artwork"), 303
      end
    end

    # taken again, or another one used
    def self.otherwise(app)
      # the same file, opened another way
      app.post "/marks/:id/artwork/again" do
        mark = find_mark(params["id"])
        halt 404 unless Shelves::OriginalStore::NAME.match?(params["original"].to_s) && AGAIN.key?(params["as"])
        about = %w[name source file_name].to_h { |key| [key.to_sym, params[key].to_s.strip[0, 300]] }
        refusal = Actions::AddArtwork.again(mark, params["original"], AGAIN.fetch(params["as"]), **about)
        artwork_refused(mark, refusal: refusal.sentence) if refusal
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.post "/marks/:id/artwork/use" do
        mark = find_mark(params["id"])
        Actions::AddArtwork.use(mark, ::Artwork.find(params["artwork"]))
        redirect to("/marks/#{mark.id}/artwork"), 303
      end
    end

    private_class_method :adding, :as_ink, :otherwise
  end
end
