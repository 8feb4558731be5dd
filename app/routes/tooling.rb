# frozen_string_literal: true

module Routes
  # With which tip a guide is engraved, carved or burnt, and in what order.
  module Tooling
    # what only these routes need
    module Helping
      def tooled_mark
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}/purpose"), 303 unless MarkTooling.new(mark).tooled?
        looked_first(mark)
      end

      def tool_page(mark, form: nil)
        stage mark, "tool", form: form, tool: Presenters::ToolStage.new(mark, MarkTooling.new(mark), writer: writer)
      end
    end

    def self.registered(app)
      app.helpers Helping

      app.get("/marks/:id/tool") { tool_page(tooled_mark) }

      app.post "/marks/:id/tool" do
        mark = tooled_mark
        form = Forms::ToolingForm.new(params, tooling: MarkTooling.new(mark))
        halt 422, tool_page(mark, form: form) unless form.ok?
        Actions::ChooseTool.call(mark, MarkTooling.new(mark, typed: form.values))
        redirect to("/marks/#{mark.id}/tool"), 303
      end
    end
  end
end
