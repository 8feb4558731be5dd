# frozen_string_literal: true

module Actions
  module Remedies
    # Another size, where it lies: larger for what is too fine, within its room on the piece; smaller for what is too
    # coarse a picture.
    module Sizes
      FINER = %w[thinnest_line thinnest_gap letters].freeze
      # mm
      GRID = 0.1
      # a little more than is asked, so that rounding does not miss it
      OVER = 1.002

      module_function

      # @return [Array<Change>]
      def call(mark, stop)
        return [] if mark.artwork.nil? || mark.covering.any? || stop.stage != "artwork"
        width = wanted(mark, stop) or return []
        words = "Make it #{UpClose::Working.number(width)} mm wide"
        [Change.new("width:#{width}", words, ->(m) { moved(m, width) })]
      end

      # @return [Float, nil] mm
      def wanted(mark, stop)
        short = Short.of(mark, stop.key) or return
        return unless short.value.positive? && short.limit.positive?
        if FINER.include?(stop.key)
          width = (mark.width_mm * short.limit / short.value * OVER / GRID).ceil * GRID
          width.round(1) if width > mark.width_mm && width <= mark.room.largest_here
        elsif stop.key == "resolution"
          steps = (mark.width_mm * short.value / short.limit / GRID).floor
          (steps * GRID).round(1) if steps > 1
        end
      end

      def moved(mark, width)
        was = PlaceMark.state(mark)
        mark.width_mm = width
        mark.earlier_places = (mark.earlier_places + [was]).last(PlaceMark::REMEMBERED)
        mark.forget_design
        mark.design.prepare_again
      end
      private_class_method :wanted, :moved
    end
  end
end
