# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Thin lines do not carry.
      module ThinnestLine
        LISTED = 10
        # a photograph has none of its own
        FOR = {kind: %i[lines flat mixed]}.freeze

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          Thin.new(
            subject,
            key: :thinnest_line,
            title: "Thinnest line",
            name: :line_mm,
            ground: false,
            what: "lines",
            fails: "this method loses it",
            thicken: subject.lettering ? "set it in a heavier font" : "thicken the lines"
          ).finding
        end
      end
    end
  end
end
