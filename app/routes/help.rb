# frozen_string_literal: true

module Routes
  # Where help is needed: safety, words, search.
  module Help
    def self.registered(app)
      app.get "/safety" do
        hazards = UpClose::Safety::ALL.to_h { |hazard| [hazard, UpClose::Safety.methods_with(hazard)] }
        page :safety, here: :safety, title: "Safety", hazards: hazards
      end

      app.get("/words") { page :words, here: :words, title: "Words", terms: UpClose::Glossary::ALL }

      app.get "/search" do
        page :search, here: :search, title: "Search", asked: params["q"].to_s.strip,
          hits: Presenters::Search.new(params["q"]).call
      end

      # the demo story, into an empty shop
      app.post "/story" do
        Database.load_demo
        redirect to("/"), 303
      end
    end
  end
end
