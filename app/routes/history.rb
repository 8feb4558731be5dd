# frozen_string_literal: true

module Routes
  # What was done, and taking it back.
  module History
    # what only these routes need
    module Helping
      def history_page(refusal: nil, refused: nil)
        entries = Helpers::Paged.new(HistoryEntry.order(id: :desc), params["page"])
        page :history, title: "What was done", here: :history, entries: entries, refusal: refusal, refused: refused
      end
    end

    def self.registered(app)
      app.helpers Helping

      app.before do
        HistoryEntry.open(now, by: env[Helpers::Gate::CALLER]&.device&.name) unless request.get? || request.head?
      end
      app.after { HistoryEntry.close }

      app.get("/history") { history_page }

      app.post "/history/:id/undo" do
        entry = HistoryEntry.find(params["id"])
        refusal = Actions::UndoChange.call(entry, now)
        halt 422, history_page(refusal: refusal, refused: entry.id) if refusal
        redirect to("/history"), 303
      end
    end
  end
end
