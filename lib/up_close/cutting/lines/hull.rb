# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # The hull of all ink, so far out: no corner points inwards, so that scissors do.
      class Hull < Line
        key "hull"
        listed 10
        title "Round all of it, without hollows"
        summary "Quick with scissors; clear film shows where it covers bare ground."
        figures :around_mm

        # @see Line#call
        def call
          hull = about_middle(asked.ink)
          region = Geometry::Region.polygon(hull) if hull.size > 2
          return Lines::Box.new(asked).call unless region&.valid?
          ring(region.grown([asked.around_mm, 0.01].max).simpler(0.02).rings.first)
        end

        private

        def about_middle(ink)
          scale, centre = asked.width_mm / ink.box.width, ink.box.centre
          ink.hull.map { |p| [(p.x - centre.x) * scale, (p.y - centre.y) * scale] }
        end
      end
    end
  end
end
