# frozen_string_literal: true

module Routes
  # One try that went wrong: what it was, what saves the piece, what to change.
  module Attempts
    # what only these routes need
    module Helping
      def find_attempt
        attempt = Attempt.preload(run: [:step_ends, {leader: :step_ends}], mark: [:artwork, :attempts, {piece: :job}])
          .find(params["id"])
        (attempt.mark && attempt.method_core) ? attempt : halt(404)
      end

      def wrong_page(attempt, refusal: nil, corners: nil)
        drawn = attempt.mark.artwork && attempt.mark.width_mm
        stage attempt.mark, "wrong", corners: corners, at: Presenters::WrongStage.new(attempt, now: now),
          scene: drawn && Presenters::WrongScene.new(attempt, writer: writer), refusal: refusal
      end

      def back_to_wrong = redirect(to("/attempts/#{params["id"]}/wrong"), 303)

      # a share that a page sends
      def share(name) = Float(params[name].to_s, exception: false)
    end

    def self.registered(app)
      app.helpers Helping
      page(app)
      telling(app)
      photos(app)
      reading(app)
      finding(app)
    end

    # the page
    def self.page(app)
      app.get("/attempts/:id/wrong") { wrong_page(find_attempt) }
    end

    # what is seen
    def self.telling(app)
      app.post "/attempts/:id/fault" do
        Actions::LookInto.toggle(find_attempt, params["fault"].to_s)
        back_to_wrong
      end

      app.post "/attempts/:id/place" do
        attempt = find_attempt
        Actions::LookInto.tap(attempt, share("x"), share("y")) if params["x"]
        Actions::LookInto.name_place(attempt, params["where"].to_s) if params["where"]
        Actions::LookInto.drop(attempt, params["drop"].to_s.to_i) if params["drop"]
        back_to_wrong
      end

      app.post "/attempts/:id/note" do
        Actions::LookInto.note(find_attempt, params["note"])
        back_to_wrong
      end
    end

    # what a photo of it shows
    def self.photos(app)
      app.get "/attempts/:id/photo" do
        name = Attempt.where(id: params["id"]).pick(:photo) or halt(404)
        cache_control :private, max_age: 31_536_000
        content_type "image/jpeg"
        Shelves::OriginalStore.new(Settings.originals).get(name)
      end

      app.post "/attempts/:id/photo" do
        attempt = find_attempt
        bytes = sent_photo or halt(422, wrong_page(attempt, refusal: "Choose a photo of it."))
        refusal = Actions::LookInto.photo(attempt, bytes)
        halt 422, wrong_page(attempt, refusal: refusal.sentence) if refusal
        back_to_wrong
      end
    end

    # the photo read otherwise, or taken by the simulated camera
    def self.reading(app)
      app.post "/attempts/:id/corners" do
        attempt, form = find_attempt, Forms::CornersForm.new(params)
        halt 422, wrong_page(attempt, corners: form) unless Actions::LookInto.corners(attempt, form)
        back_to_wrong
      end

      app.post "/attempts/:id/camera" do
        attempt = find_attempt
        refusal = Actions::LookInto.simulated(attempt)
        halt 422, wrong_page(attempt, refusal: refusal.sentence) if refusal
        back_to_wrong
      end
    end

    # what comes of it
    def self.finding(app)
      app.post "/attempts/:id/answer" do
        Actions::LookInto.answer(find_attempt, params["question"].to_s, params["answer"].to_s)
        back_to_wrong
      end

      app.post "/attempts/:id/cause" do
        Actions::LookInto.cause_found(find_attempt, params["cause"].to_s)
        back_to_wrong
      end

      app.post "/attempts/:id/change" do
        attempt = find_attempt
        cause = UpClose::Diagnosis::Causes.find(params["cause"].to_s) or halt(404)
        Actions::ChangeSchool.call(attempt, cause, cause.change_for(AttemptDiagnosis.new(attempt).facts), now)
        back_to_wrong
      rescue UpClose::Error => error
        halt 422, wrong_page(attempt, refusal: error.sentence)
      end
    end

    private_class_method :page, :telling, :photos, :reading, :finding
  end
end
