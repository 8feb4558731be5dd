# frozen_string_literal: true

module UpClose
  module Printing
    module Calibrating
      # The two bars of a print, measured by rule: near enough, or a calibration of
      # its own on top of what was undone in that print. Frozen.
      class ByBars
        # as near as a steel rule is read
        NEAR_MM = 0.1
        CORRECTED = "The error is larger than a ruler's tenth. Every later print is corrected."
        attr_reader :across, :down

        # @param across [Float] mm, as measured  @param down [Float]
        # @param undone [Calibration, nil] what the print was compensated for
        # @param length [Float] as drawn
        # @raise [Errors::BadShape] for a length no printer makes of a bar
        def initialize(across:, down:, undone: nil, length: Furniture::BAR_MM)
          @across, @down, @undone, @length = across, down, undone, length
          {across: across, down: down}.each { |side, mm| check(side, mm) }
          freeze
        end

        def accepted? = [across, down].all? { |mm| (mm - @length).abs <= NEAR_MM + Tolerance::ROUNDING }

        # @return [Calibration]
        def calibration
          x, y = @undone ? [@undone.x_scale, @undone.y_scale] : [1.0, 1.0]
          Calibration.new(
            x_scale: x * across / @length,
            y_scale: y * down / @length,
            skew_deg: @undone ? @undone.skew_deg : 0.0
          )
        end

        # @return [Finding]
        def finding
          Finding.new(
            key: :bars,
            title: "The bars",
            verdict: accepted? ? :fine : :watch,
            figure: "#{n(across)} × #{n(down)} mm",
            value: [across, down].max_by { |mm| (mm - @length).abs },
            unit: "mm",
            limit: @length,
            working: Working.new(
              "#{n(across)} ÷ #{n(@length)} = #{percent(across)}, #{n(down)} ÷ #{n(@length)} = " \
              "#{percent(down)}#{on_top}",
              source: "a rule is read to #{n(NEAR_MM)} mm: " \
                "of a bar that is ± #{Working.number(NEAR_MM / @length * 100)} %"
            ),
            reason: accepted? ? "As exact as a ruler can tell." : CORRECTED,
            remedy: accepted? ? nil : "The page of crosses is ten times more exact."
          )
        end

        private

        def on_top
          return "" unless @undone
          scales = [@undone.x_scale, @undone.y_scale].map { |scale| @undone.percent(scale) }
          "; in addition to the present correction: #{scales.join(", ")}"
        end

        def n(value) = Working.number(value)

        def percent(mm) = "#{Working.number(mm / @length * 100)} %"

        def check(side, mm)
          return if Calibration::SCALES.cover?(mm / @length)
          raise Errors::BadShape.new(
            "A bar of #{n(@length)} mm does not measure #{n(mm)}.",
            remedy: "Measure over the outer edges of its end ticks, in millimetres, on a print at 100 %.",
            field: side
          )
        end
      end
    end
  end
end
