# frozen_string_literal: true

module Helpers
  # The plain pages: what is said when a request leads nowhere, and the way out.
  module Plain
    def nothing_here
      page :plain,
        title: "Not here", says: "There is nothing at this address.", way_out: "It may be put away, or the address " \
          "is mistyped."
    end

    def not_taken
      page :plain,
        title: "Not taken",
        says: "This page was open too long, or the form came from another site. Nothing was changed.",
        way_out: "Go back, load the page again, and send it once more."
    end

    def too_large
      page :plain,
        title: "Too large",
        says: "That is over #{Web::MOST_REQUEST_BYTES / 1024 / 1024} MB.",
        way_out: "Go back and choose a smaller file: 40 MB is the most."
    end

    # @param fault [Faults::Fault]
    def faulty(fault)
      sent = request.path_info unless request.get? || request.head?
      [fault.status, page(:fault, title: fault.title, fault: fault, sent: sent, typed: Faults.typed(params))]
    rescue ActiveRecord::ActiveRecordError, SQLite3::Exception, SystemCallError
      # not even the page's own settings can be read
      content_type "text/plain"
      [fault.status, [fault.title, fault.says, fault.way_out].join(". ")]
    end

    def our_mistake
      page :plain,
        title: "Something went wrong",
        says: "That is our mistake, not yours. What you had saved is still there.",
        way_out: "Go back and try again."
    end
  end
end
