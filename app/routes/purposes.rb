# frozen_string_literal: true

module Routes
  # What a mark is for: asked once, before its artwork; changed later from its method.
  module Purposes
    # what only these routes need
    module Helping
      def purpose_page(mark, form: nil)
        stage mark, "purpose", form: form, asked: Presenters::PurposeStage.new(mark, form: form)
      end
    end

    def self.registered(app)
      app.helpers Helping

      app.get("/marks/:id/purpose") { purpose_page(looked_first(find_mark(params["id"]))) }

      app.post "/marks/:id/purpose" do
        mark = find_mark(params["id"])
        form = Forms::PurposeForm.new(params)
        halt 422, purpose_page(mark.reload, form: form) unless Actions::ChoosePurpose.call(mark, form)
        redirect to("/marks/#{mark.id}/#{mark.artwork ? "method" : "artwork"}"), 303
      end
    end
  end
end
