# frozen_string_literal: true

module UpClose
  module Coupons
    # Every setting that a grid can vary.
    module GridSettings
      # so many values of one
      VALUES = (2..4)

      ALL = [
        Setting.new(
          key: "heat", title: "heat", unit: "°C", range: 20.0..300.0, steps: %w[press bake warm],
          figure: "temperature_c"
        ),
        Setting.new(
          key: "time", title: "time", unit: "s", range: 1.0..36_000.0, steps: %w[press bake set soak rub]
        ),
        Setting.new(
          key: "wait", title: "wait", unit: "s", range: 0.0..36_000.0, steps: %w[lay join slide rub],
          figure: "earliest_s"
        ),
        Setting.new(
          key: "passes", title: "passes", unit: "passes", range: 1.0..40.0, steps: %w[rub press], figure: "passes",
          whole: true
        ),
        Setting.new(
          key: "pressure", title: "pressure", unit: "kg", range: 0.1..200.0, steps: %w[press burnish rub]
        ),
        Setting.new(
          key: "coats", title: "coats", unit: "coats", range: 1.0..20.0, steps: %w[coat spread clear], whole: true
        )
      ].freeze
    end
  end
end
