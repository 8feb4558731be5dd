# frozen_string_literal: true

require "zlib"

module Devices
  module Simulated
    # What the invented shop's own methods leave: limits that nobody is told, a little different on each piece.
    module Bench
      # method → hidden limits
      HIDDEN = {
        "gel-medium" => {line_mm: 0.21, gap_mm: 0.27, spread_mm: 0.02, missing: 0.004, haze: 0.04},
        "heat-resist" => {line_mm: 0.18, gap_mm: 0.24, spread_mm: 0.02, missing: 0.002, haze: 0.0},
        "solvent-rub" => {line_mm: 0.36, gap_mm: 0.3, spread_mm: 0.05, missing: 0.006, haze: 0.1},
        "ink-offset" => {line_mm: 0.32, gap_mm: 0.4, spread_mm: 0.07, missing: 0.003, haze: 0.15},
        "water-slide" => {line_mm: 0.12, gap_mm: 0.14, spread_mm: 0.01, missing: 0.0005, haze: 0.0},
        "baked-medium" => {line_mm: 0.22, gap_mm: 0.2, spread_mm: 0.01, missing: 0.003, haze: 0.05}
      }.freeze
      COLOURS = {
        "wood" => "#d9b98a", "plywood" => "#dcc191", "brass" => "#c9a646", "copper" => "#b8734a",
        "polystyrene" => "#e6e4de"
      }.freeze

      module_function

      # @param seed [Integer]
      # @return [LeftBehind]
      def leaves(method_key, material, seed = 1, **more)
        luck = Random.new(Zlib.crc32("#{method_key} #{material} #{seed}"))
        hidden = HIDDEN.fetch(method_key, {line_mm: 0.26, gap_mm: 0.26, missing: 0.003})
          .to_h { |name, value| [name, value * (0.96 + 0.08 * luck.rand)] }
        LeftBehind.new(surface: COLOURS.fetch(material, "#dcd5c6"), **hidden, **more)
      end
    end
  end
end
