# frozen_string_literal: true

module Actions
  module Remedies
    # A step of preparing, by as much as the check that says stop is short of.
    module Preparing
      # mm, finer than which nobody sets a step
      GRID = 0.01
      # lines are thickened by no more than this, mm: more is another drawing
      MOST_MM = 0.5

      module_function

      # @return [Array<Change>]
      def call(mark, stop)
        return [] unless mark.artwork && stop.stage == "artwork"
        case stop.key
        when "thinnest_line", "letters" then thicker(mark, stop)
        when "ground" then [step(mark, "clear-ground", "Clear the ground")]
        when "tones" then [step(mark, "dot-screen", "Make its greys dots")]
        else []
        end
      end

      # each edge by half of what a line lacks; a picture with greys has no lines of its own to thicken
      def thicker(mark, stop)
        return [] if mark.artwork.picture? && mark.planned.found.tones
        short = Short.of(mark, stop.key) or return []
        by = ((short.limit - short.value) / 2 / GRID).ceil * GRID
        return [] unless by.positive? && by <= MOST_MM
        words = (stop.key == "letters") ? "Thicken the letters" : "Thicken the lines"
        [by, by * 2].map do |mm|
          step(mark, "thicken", "#{words} by #{UpClose::Working.number(2 * mm)} mm", "by_mm" => mm.round(3))
        end
      end

      def step(mark, key, words, figures = {})
        told = {"key" => key, "on" => true, **figures}
        does = ->(m) { PrepareArtwork.set(m, m.recipe + [told]) }
        Change.new("step:#{[key, *figures.values].join(":")}", words, does)
      end

      private_class_method :thicker, :step
    end
  end
end
