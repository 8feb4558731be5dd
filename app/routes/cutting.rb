# frozen_string_literal: true

module Routes
  # The line a mark is cut out along.
  module Cutting
    def self.registered(app)
      app.post "/marks/:id/cut" do
        mark = ready_mark
        form = Forms::CutForm.new(params, mark: mark, unit: unit)
        halt 422, sheet_stage(mark, cut: form) unless Actions::ChooseCut.call(mark, form)
        redirect to("/marks/#{mark.id}/sheet#cutting"), 303
      end
    end
  end
end
