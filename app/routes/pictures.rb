# frozen_string_literal: true

require "json"

module Routes
  # Many pictures, each on a piece of one kind: the contact sheet.
  module Pictures
    # what only these routes need
    module Helping
      def contact_page(mark, refused: {}, form: nil)
        stage mark, "pictures", refused: refused, form: form,
          at: Presenters::ContactPage.new(ContactSheet.new(mark), writer: writer)
      end

      # several, or one
      def pictures_sent = Array(params["files"]).select { |file| Forms::SentFile.of(file) }
    end

    def self.registered(app)
      app.helpers Helping
      adding(app)
      together(app)
    end

    # one or many at a time
    def self.adding(app)
      app.get("/marks/:id/pictures") { contact_page(find_mark(params["id"])) }

      app.post "/marks/:id/pictures" do
        mark = find_mark(params["id"])
        refused = Actions::AddPictures.call(mark, pictures_sent, now)
        if wants_json?
          content_type :json
          next JSON.generate(refused: refused.map { |name, reason| "#{name}: #{reason}" })
        end
        halt 422, contact_page(mark, refused: refused) if refused.any?
        redirect to("/marks/#{mark.id}/pictures"), 303
      end
    end

    # lightened, and laid, together
    def self.together(app)
      app.post "/marks/:id/pictures/tones" do
        mark = find_mark(params["id"])
        form = Forms::TonesForm.new(params)
        halt 422, contact_page(mark, form: form) unless form.ok?
        Actions::AddPictures.tone(ContactSheet.new(mark).marks, form.values)
        redirect to("/marks/#{mark.id}/pictures"), 303
      end

      app.post "/marks/:id/pictures/lay" do
        sheet = ContactSheet.new(find_mark(params["id"]))
        Actions::AddPictures.alike(sheet.marks)
        host, *others = sheet.to_lay
        redirect to("/marks/#{params["id"]}/method"), 303 unless host
        typed = {
          "copies" => host.copies_wanted.to_s, "paper" => host.paper, "nested" => "1", "leftovers" => "1",
          "with" => others.map { |other| other.id.to_s }
        }
        form = Forms::SheetForm.new(typed, unit: unit)
        halt 422, sheet_stage(host, form: form) unless Actions::LaySheet.call(host, form, now)
        redirect to("/marks/#{host.id}/sheet"), 303
      end
    end

    private_class_method :adding, :together
  end
end
