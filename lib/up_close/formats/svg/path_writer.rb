# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Writes a path as a d attribute.
      module PathWriter
        LETTERS = {move: "M", line: "L", curve: "C", close: "Z"}.freeze

        module_function

        # @param places [Integer] decimals kept
        def call(path, places: 4)
          path.commands.map { |verb, *points|
            LETTERS[verb] + points.map { |p| "#{number(p.x, places)} #{number(p.y, places)}" }.join(" ")
          }.join
        end

        def number(value, places = 4)
          text = format("%.#{places}f", value)
          text.include?(".") ? text.sub(/\.?0+\z/, "").sub(/\A-0\z/, "0") : text
        end
      end
    end
  end
end
