# frozen_string_literal: true

module UpClose
  module Tooling
    # What a line is cut, carved or burnt with. A V is as wide as it is deep by its angle; any other tip has its own
    # width. Speeds are starting values.
    Tip = Value.define(:key, :title, :work, :angle_deg, :width_mm, :mm_a_minute, keyword_init: true) do
      def v? = !angle_deg.nil?

      # of a V: w = 2 d tan(α ÷ 2), so d = w ÷ (2 tan(α ÷ 2)); 90° leaves twice its depth
      # @param line_mm [Numeric]  @return [Float, nil] mm; nil for a tip of its own width
      def depth_mm(line_mm) = v? ? line_mm / (2 * Math.tan(angle_deg * Math::PI / 360)) : nil
    end
  end
end
