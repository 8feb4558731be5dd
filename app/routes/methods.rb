# frozen_string_literal: true

module Routes
  # The handbook for users: each method, its turns, its steps.
  module Methods
    def self.registered(app)
      app.get("/methods") { page :"methods/index", here: :methods, title: "Methods", methods: UpClose::Methods.all }

      app.get "/methods/:key" do
        method = UpClose::Methods.all.find { |m| m.key == params["key"] } or halt 404
        page :"methods/show", here: :methods, title: method.title, method: method
      end
    end
  end
end
