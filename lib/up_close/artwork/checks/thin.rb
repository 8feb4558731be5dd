# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # What the two thinness checks have in common: a survey into a finding.
      class Thin
        # @param survey [Thinness::Survey]
        def initialize(survey, key:, title:, limits:, name:, width_mm:, thin:, thicken:)
          @survey, @key, @title, @limits, @name, @width = survey, key, title, limits, name, width_mm
          @thin, @thicken = thin, thicken
        end

        def finding
          Finding.new(key: @key, title: @title, verdict: verdict, figure: figure, value: value, unit: "mm", limit: limit,
            working: working, reason: reason, remedy: remedy, places: below.first(MOST_PLACES).map(&:box))
        end

        private

        def limit = @limits[@name]

        def value = @value ||= @survey.thinnest || @survey.widest_looked

        def below = @below ||= @survey.below

        def figure = @survey.thinnest ? "#{two(value)} mm" : "over #{two(value)} mm"

        def verdict
          return :stop if value < limit * 0.999
          below.any? ? :watch : :fine
        end

        def working
          Working.new("the width that 99 % of the middle line exceeds: #{figure}, against #{two(limit)}; #{below.size} #{(below.size == 1) ? "place" : "places"} below", source: @limits.source(@name))
        end

        def reason = [said, ("There was more detail than could all be looked at." if @survey.overfull?)].compact.join(" ")

        def said
          return "#{format(@thin, "#{two(limit)} mm")}." if verdict == :stop
          return "#{(below.size == 1) ? "One place is" : "#{below.size} places are"} thinner, down to #{two(below.first.width_mm)} mm." if below.any?
          "#{two(limit)} mm is wanted by this method."
        end

        def remedy
          return if below.empty? && verdict == :fine
          return "Look at them under the loupe; #{@thicken} there." if verdict == :watch
          "Make it #{Working.number((@width * limit / value * 10).ceil / 10.0, 1)} mm wide or more, or #{@thicken}."
        end

        def two(value) = Working.number(value)
      end
    end
  end
end
