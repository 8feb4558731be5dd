# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Thin gaps run shut.
      module ThinnestGap
        module_function

        def call(subject) = Thin.new(subject.thin_ground, key: :thinnest_gap, title: "Thinnest gap", limits: subject.limits, name: :gap_mm, width_mm: subject.width_mm,
          thin: "Gaps under %s run shut by this method", thicken: "thin the lines beside it").finding
      end
    end
  end
end
