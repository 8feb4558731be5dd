# frozen_string_literal: true

module Routes
  # The handbook for users: each method, its turns, its steps; and schools of one's own.
  module Methods
    # rows to add to a copied school
    BLANK_ROWS = 3

    # what only these routes need
    module Helping
      def known_method = UpClose::Methods.all.find { |m| m.key == params["key"] } || halt(404)

      # @return [Array<Hash>] Up Close's own steps, to begin with
      def copied_steps(method)
        plain = UpClose::Methods::MethodChoice.new(method: method, printer: method.printers.first)
        UpClose::Methods::OwnSteps.copied(plain)
      end

      def own_page(method, form: nil)
        rows = if form
          form.rows.map { |row| row.to_h.then { |r| r["key"].to_s.empty? ? r.merge("blank" => true) : r } }
        else
          copied_steps(method) + Array.new(BLANK_ROWS) { {"blank" => true} }
        end
        page :"methods/own", here: :methods, title: "Your own way of doing it", method: method, rows: rows, form: form
      end
    end

    def self.registered(app)
      app.helpers Helping
      handbook(app)
      own(app)
    end

    # each method
    def self.handbook(app)
      app.get("/methods") { page :"methods/index", here: :methods, title: "Methods", methods: UpClose::Methods.all }

      app.get "/methods/:key" do
        method = known_method
        page :"methods/show", here: :methods, title: method.title, method: method
      end
    end

    # schools of one's own
    def self.own(app)
      app.get("/methods/:key/own") { own_page(known_method) }

      app.post "/methods/:key/own" do
        method = known_method
        form = Forms::OwnSchoolForm.new(params, method: method, was: copied_steps(method))
        halt 422, own_page(method, form: form) unless form.ok?
        ApplicationRecord.change do
          OwnSchool.find_or_initialize_by(method_key: method.key, title: form.values[:title])
            .update!(steps: form.values[:steps])
        end
        redirect to("/methods/#{method.key}"), 303
      end

      # marks that use it go back to Up Close's steps; runs keep what they were started with
      app.post "/methods/:key/own/:id/drop" do
        ApplicationRecord.change { OwnSchool.find_by!(id: params["id"], method_key: known_method.key).destroy! }
        redirect to("/methods/#{params["key"]}"), 303
      end
    end

    private_class_method :handbook, :own
  end
end
