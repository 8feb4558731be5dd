# frozen_string_literal: true

require "json"

module Routes
  # What goes on beside the page: how far it is, stopping it, and what it came to.
  module Underway
    # what only these routes need
    module Helping
      # the page has gone on, and what it came to is no longer kept
      def task_underway = Helpers::Beside::TASKS[params["name"]] || redirect(to("/"), 303)

      # as the request itself would have been answered
      def answer_with(outcome)
        halt our_mistake unless outcome
        code, its_headers, its_body = outcome
        headers its_headers.except("content-length")
        halt code, its_body
      end
    end

    def self.registered(app)
      app.helpers Helping
      waiting(app)
      stopping(app)
    end

    # what is going on
    def self.waiting(app)
      app.get "/underway/:name" do
        task = task_underway
        answer_with(task.outcome) if task.done
        page :underway, title: "Still working", name: params["name"], task: task
      end

      # asked by scripts, before the task is known here and after it has ended
      app.get "/underway/:name/share" do
        task = Helpers::Beside::TASKS[params["name"]]
        content_type :json
        JSON.generate(going: !task.nil? && !task.done, share: task&.share, doing: task&.doing)
      end
    end

    # stopped
    def self.stopping(app)
      app.post "/underway/:name/stop" do
        task = task_underway
        Helpers::Beside::TASKS.stop(params["name"])
        task.thread.join(settings.patience_s)
        redirect to("/underway/#{params["name"]}"), 303
      end
    end

    private_class_method :waiting, :stopping
  end
end
