# frozen_string_literal: true

require "json"

module Routes
  # What a mark's artwork comes to at its final size: checks, looks, and the loupe's picture.
  module Looks
    KEPT_S = 31_536_000

    # what only these routes need
    module Helping
      # with what is known of it already, so that nothing moves under the pointer later
      def refused_recipe(mark, form, refusal)
        stage(
          mark, "artwork",
          form: nil, others: others(mark), findings: mark.design.findings_at_hand, recipe_error: refusal.sentence,
          recipe_typed: form.steps
        )
      end

      # a stage that shows what says stop
      def stage_asked(otherwise) = params["stage"].to_s[/\A(place|sheet|apply)\z/] || otherwise
    end

    def self.registered(app)
      app.helpers Helping
      checks(app)
      first_checks(app)
      overrides(app)
      preparing(app)
      remedies(app)
      looks(app)
      in_white(app)
      said(app)
      steps(app)
      fronts(app)
      impressions(app)
    end

    # what its artwork is found to be
    def self.checks(app)
      app.get "/marks/:id/checks" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork
        looked = Actions::LookAtArtwork.call(mark)
        content_type :json
        row = row(mark.reload)
        JSON.generate(
          checks: part(:checks, mark: mark, findings: looked),
          next: (params["stage"] == "artwork") ? part(:artwork_next, mark: mark) : nil,
          looked_at: part(:looked_at, mark: mark, findings: looked),
          shows: (params["stage"] == "artwork") ? part(:what_shows, mark: mark) : nil,
          row: row.cells.to_h { |cell| [cell.stage, {figure: cell.figure, tone: cell.tone}] },
          stops: part(:stops, mark: mark, stage: stage_asked("place"), asked: false)
        )
      end
    end

    # what can be told of it before that
    def self.first_checks(app)
      app.get "/marks/:id/checks/first" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork && mark.width_mm
        one_in, findings = mark.design.first_findings
        content_type :json
        JSON.generate(told: findings && part(:first_look, one_in: one_in, findings: findings))
      end
    end

    # going on past what says stop, and taking that back
    def self.overrides(app)
      app.post "/marks/:id/override" do
        mark = find_mark(params["id"])
        Actions::GoPast.call(mark, params["reason"], now)
        redirect to("/marks/#{mark.id}/#{stage_asked("apply")}"), 303
      end

      app.post "/marks/:id/override/back" do
        mark = find_mark(params["id"])
        Actions::GoPast.take_back(mark)
        redirect to("/marks/#{mark.id}/#{stage_asked("apply")}"), 303
      end
    end

    # one step of preparing more, fewer, or undone
    def self.preparing(app)
      app.post "/marks/:id/recipe" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork
        form = Forms::RecipeForm.new(params, mark: mark)
        refusal =
          (form.act == "undo") ? Actions::PrepareArtwork.undo(mark) : Actions::PrepareArtwork.call(mark, form.steps)
        halt 422, refused_recipe(find_mark(params["id"]), form, refusal) if refusal
        redirect to("/marks/#{mark.id}/artwork#preparing"), 303
      end
    end

    # what makes a stop go, tried before it is offered
    def self.remedies(app)
      app.get "/marks/:id/remedies" do
        mark = looked_first(find_mark(params["id"]))
        stage, part = params["stage"].to_s[/\A\w+\z/], params["part"]
        stage = "apply" unless Presenters::CardRow::STAGES.key?(stage)
        wait_s = part ? Helpers::TriedRemedies::MOST_WAIT_S : settings.patience_s
        offers = mark.stops.open.any? ? remedies_of(mark, wait_s: wait_s) : []
        next part(:remedies, mark: mark, offers: offers, stage: stage) if part && mark.stops.open.any?
        page :"marks/remedies", mark: mark, stage: stage, here: :jobs, offers: offers,
          title: "What puts it right · #{mark.title}"
      end

      app.post "/marks/:id/remedy" do
        mark = find_mark(params["id"])
        taken = Actions::Remedies.take(mark, params["key"].to_s)
        stage = params["stage"].to_s
        stage = "artwork" unless Presenters::CardRow::STAGES.key?(stage)
        redirect to("/marks/#{mark.id}/#{taken ? stage : "remedies"}"), 303
      end
    end

    # what only its maker can say of it
    def self.said(app)
      app.post "/marks/:id/kind" do
        mark = find_mark(params["id"])
        Actions::SayOfArtwork.kind(mark, params["kind"].to_s)
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.post "/marks/:id/white" do
        mark = find_mark(params["id"])
        Actions::TakeWhiteWay.call(mark, UpClose::Artwork::WaysWithWhite.fetch(params["way"]))
        redirect to("/marks/#{mark.id}/artwork"), 303
      end

      app.post "/marks/:id/show-through" do
        mark = find_mark(params["id"])
        Actions::SayOfArtwork.show_through(mark, params["answer"].to_s)
        redirect to("/marks/#{mark.id}/artwork"), 303
      end
    end

    # the look on the piece
    def self.looks(app)
      app.get "/marks/:id/look.png" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork && %w[wanted clear white faint].include?(params["film"])
        cache_control :private, max_age: KEPT_S
        content_type "image/png"
        mark.design.look_png(params["film"])
      end
    end

    # in white, by each of the ways with it
    def self.in_white(app)
      app.get "/marks/:id/white.png" do
        mark = find_mark(params["id"])
        way = UpClose::Artwork::WaysWithWhite.for_ink.find { |one| one.key == params["way"] }
        halt 404 unless mark.artwork && mark.piece.colour_core && way
        cache_control :private, max_age: KEPT_S
        content_type "image/png"
        mark.white.png(way.key)
      end
    end

    # before and after each step of preparing
    def self.steps(app)
      app.get "/marks/:id/steps/:count.png" do
        mark = find_mark(params["id"])
        count = Integer(params["count"], 10, exception: false)
        halt 404 unless mark.artwork && mark.width_mm && count&.between?(0, mark.recipe.size)
        cache_control :private, max_age: KEPT_S
        content_type "image/png"
        mark.design.step_png(count)
      end
    end

    # from the front
    def self.fronts(app)
      app.get "/marks/:id/front.png" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork && mark.piece.to_core.curved?
        place =
          UpClose::Placing::Placement
            .new(**%w[width_mm x_mm y_mm turn_deg].to_h { |key|
              [key.to_sym, Float(params[key], exception: false) || halt(404)]
            })
        cache_control :private, max_age: KEPT_S
        content_type "image/png"
        look, margin = mark.design.look
        Presenters::FrontView.new(mark, place).png(::Vips::Image.new_from_buffer(look, ""), margin)
      end
    end

    # for the loupe
    def self.impressions(app)
      app.get "/marks/:id/impression.png" do
        mark = find_mark(params["id"])
        halt 404 unless mark.artwork
        cache_control :private, max_age: KEPT_S
        content_type "image/png"
        mark.design.impression_png
      end
    end

    private_class_method :checks, :first_checks, :overrides, :preparing, :remedies, :looks, :in_white, :said, :steps,
      :fronts, :impressions
  end
end
