# frozen_string_literal: true

module Routes
  # How deep a mark is etched, and how long that takes.
  module Baths
    # what only these routes need
    module Helping
      # a mark that is etched, on a metal that a bath eats
      def etched_mark
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/purpose"), 303 unless MarkEtching.new(mark).etched?
        mark
      end

      def bath_form(mark) = Forms::BathForm.new(params, etching: MarkEtching.new(mark), unit: unit)

      def bath_page(mark, form: nil)
        stage mark, "bath", form: form, bath: Presenters::BathStage.new(mark, MarkEtching.new(mark), writer: writer)
      end
    end

    def self.registered(app)
      app.helpers Helping

      app.get("/marks/:id/bath") { bath_page(etched_mark) }

      app.post "/marks/:id/bath" do
        mark = etched_mark
        form = bath_form(mark)
        kept = form.ok? && Actions::ChooseBath.call(mark, MarkEtching.new(mark, typed: form.values), form)
        halt 422, bath_page(mark.reload, form: form) unless kept
        redirect to("/marks/#{mark.id}/bath"), 303
      end
    end
  end
end
