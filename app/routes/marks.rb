# frozen_string_literal: true

module Routes
  # The first stages of a mark: Measure, Artwork, Method.
  module Marks
    # what only these routes need
    module Helping
      # artworks already in the shop, newest first
      def others(mark) = ::Artwork.where.not(id: mark.artwork_id || 0).order(id: :desc).limit(12).to_a
    end

    def self.registered(app)
      app.get("/marks/:id") { redirect to("/marks/#{params["id"]}/#{row(find_mark(params["id"])).next_stage}"), 303 }

      app.get "/marks/:id/measure" do
        mark = find_mark(params["id"])
        stage mark, "measure", job: mark.job, form: nil
      end

      app.post "/marks/:id/measure" do
        mark = find_mark(params["id"])
        form = Forms::PieceForm.new(params, unit: unit)
        halt 422, stage(mark, "measure", job: mark.job, form: form) unless Actions::SavePiece.change(mark.piece, form)
        redirect to("/marks/#{mark.id}/#{mark.artwork ? "place" : "artwork"}"), 303
      end

      app.get "/marks/:id/artwork" do
        mark = find_mark(params["id"])
        found = (Actions::LookAtArtwork.call(mark) if mark.artwork && (params["look"] || mark.design.findings_at_hand))
        stage mark, "artwork", form: nil, others: others(mark), findings: found, recipe_error: nil, recipe_typed: nil
      end

      app.post "/marks/:id/artwork" do
        mark = find_mark(params["id"])
        form = Forms::ArtworkForm.new(params, unit: unit)
        halt 422, stage(mark.reload, "artwork", form: form, others: others(mark), findings: mark.artwork && mark.design.findings_at_hand, recipe_error: nil, recipe_typed: nil) unless Actions::AddArtwork.call(mark, form)
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.post "/marks/:id/artwork/white" do
        mark = find_mark(params["id"])
        halt 404 unless Shelves::OriginalStore::NAME.match?(params["original"].to_s)
        name = params["name"].to_s.scrub("").strip[0, 120]
        refusal = Actions::AddArtwork.white(mark, UpClose::Artwork::WaysWithWhite.fetch(params["way"]), original: params["original"], name: name.empty? ? "Artwork" : name, source: params["source"].to_s[0, 300])
        halt 422, stage(mark.reload, "artwork", form: nil, others: others(mark), findings: nil, recipe_error: refusal.sentence, recipe_typed: nil) if refusal
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.post "/marks/:id/artwork/use" do
        mark = find_mark(params["id"])
        Actions::AddArtwork.use(mark, ::Artwork.find(params["artwork"]))
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.get "/marks/:id/method" do
        mark = find_mark(params["id"])
        stage mark, "method", form: nil
      end

      app.post "/marks/:id/method" do
        mark = find_mark(params["id"])
        form = Forms::MethodForm.new(params, unit: unit)
        halt 422, stage(mark.reload, "method", form: form) unless Actions::ChooseMethod.call(mark, form)
        redirect to("/marks/#{mark.id}/#{params["go"] ? "place" : "method"}"), 303
      end

      app.get "/marks/:id/compare" do
        mark = find_mark(params["id"])
        printer = %w[laser inkjet].include?(params["printer"]) ? params["printer"] : (mark.printer || "laser")
        sort = UpClose::Comparison::SORTS.key?(params["sort"]) ? params["sort"] : "fit"
        shop = Presenters::Compared.new(mark, printer)
        stage mark, "compare", compared: shop.to_core, shop: shop, printer: printer, sort: sort
      end

      app.post "/marks/:id/back" do
        mark = Mark.find(params["id"])
        ApplicationRecord.change { mark.update!(put_away_at: nil) }
        redirect to("/jobs/#{mark.job.id}"), 303
      end

      app.post "/marks/:id/away" do
        mark = find_mark(params["id"])
        ApplicationRecord.change { mark.update!(put_away_at: now) }
        redirect to("/jobs/#{mark.job.id}"), 303
      end

      app.helpers Helping
    end
  end
end
