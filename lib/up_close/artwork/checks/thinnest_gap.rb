# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Thin gaps run shut.
      module ThinnestGap
        LISTED = 20
        # a photograph has none of its own
        FOR = {kind: %i[lines flat mixed]}.freeze

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where there is nothing to look at
        def call(subject)
          Thin.new(subject, key: :thinnest_gap, title: "Thinnest gap", name: :gap_mm, ground: true, what: "gaps",
            fails: "this method closes it", thicken: "thin the lines beside it").finding
        end
      end
    end
  end
end
