# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Thin lines do not carry.
      module ThinnestLine
        module_function

        def call(subject) = Thin.new(subject.thin_ink, key: :thinnest_line, title: "Thinnest line", limits: subject.limits, name: :line_mm, width_mm: subject.width_mm,
          thin: "Lines under %s do not carry by this method", thicken: subject.lettering ? "set it in a heavier font" : "thicken the lines").finding
      end
    end
  end
end
