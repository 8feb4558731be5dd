# frozen_string_literal: true

module UpClose
  module Printing
    module Calibrating
      # A calibration from five lengths between the outer crosses, measured by rule.
      module ByRule
        module_function

        # @param page [CrossPage]  @param top [Float] mm, and so on
        # @return [Calibration]
        # @raise [Errors::BadShape]
        def call(page, top:, bottom:, left:, right:, diagonal:)
          first, second, third, = page.corners
          across, down = first.distance(second), second.distance(third)
          x, y = (top + bottom) / 2, (left + right) / 2
          check({top: top / across, bottom: bottom / across, left: left / down, right: right / down})
          Calibration.new(x_scale: x / across, y_scale: y / down, skew_deg: skew(x, y, diagonal))
        end

        # the cosine rule: d² = x² + y² + 2xy sin(skew)
        def skew(x, y, diagonal)
          sine = (diagonal**2 - x**2 - y**2) / (2 * x * y)
          if sine.abs > 0.1
            raise Errors::BadShape.new(
              "The diagonal does not fit the sides.",
              remedy: "Measure from the cross at the top left to the one at the bottom right.",
              field: :diagonal
            )
          end
          Math.asin(sine) * 180 / Math::PI
        end

        # @param ratios [Hash{Symbol => Float}]  @raise [Errors::BadShape] outside what printers do
        def check(ratios)
          ratios.each do |side, ratio|
            next if Calibration::SCALES.cover?(ratio)
            raise Errors::BadShape.new(
              "That is #{Working.number(ratio * 100, 1)} % of what was drawn: no printer has such an error.",
              remedy: "Measure between the middles of the outer crosses, in millimetres.",
              field: side
            )
          end
        end
      end
    end
  end
end
