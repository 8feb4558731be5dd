# frozen_string_literal: true

module UpClose
  module Cutting
    # What a maker may say of a line, and where it starts. mm; starting values.
    module Figures
      ALL = {
        around_mm: Parameter.new(:around_mm, "Round the ink", default: 3.0, range: 0.0..30.0),
        least_radius_mm: Parameter.new(:least_radius_mm, "Least radius", default: 0.5, range: 0.1..20.0),
        blade_mm: Parameter.new(:blade_mm, "Least hole", default: 4.0, range: 0.5..50.0),
        corner_mm: Parameter.new(:corner_mm, "Corner", default: 3.0, range: 0.0..100.0)
      }.freeze

      module_function

      # @param given [Hash] keys perhaps strings  @return [Hash{Symbol => Float}] every figure but around_mm
      def filled(given)
        given = given.to_h.transform_keys(&:to_sym)
        ALL.except(:around_mm).to_h { |key, figure| [key, (given[key] || figure.default).to_f] }
      end
    end
  end
end
