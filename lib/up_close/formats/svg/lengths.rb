# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Lengths as SVG writes them, in user units of 1/96 inch.
      class Lengths
        UNITS = {
          "" => 1.0, "px" => 1.0, "mm" => 96 / 25.4, "cm" => 960 / 25.4, "in" => 96.0, "pt" => 96 / 72.0, "pc" => 16.0,
          "em" => 16.0, "ex" => 8.0, "q" => 24 / 25.4
        }.freeze
        # beyond these nothing is a length
        LONGEST = 60
        MOST = 1e9
        REAL = %w[mm cm in pt pc q].freeze

        # @param width [Float, nil] of the view, for percentages  @param height [Float, nil]
        def initialize(width = nil, height = nil)
          @width, @height = width || 100.0, height || 100.0
        end

        # @return [Float]
        def read(text, direction = :across)
          match = text.to_s[0, LONGEST]
            .strip
            .match(/\A([-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?)\s*([a-z%]*)\z/i) or return 0.0
          number = match[1].to_f
          return 0.0 if number.abs > MOST
          (match[2] == "%") ? number / 100 * whole(direction) : number * UNITS.fetch(match[2].downcase, 1.0)
        end

        # @param text [String]  @return [Boolean] it has a unit of length
        def self.real?(text) = REAL.include?(text.to_s[/[a-z]+\z/i].to_s.downcase)

        private

        def whole(direction)
          {across: @width, down: @height, diagonal: Math.sqrt((@width**2 + @height**2) / 2)}.fetch(direction)
        end
      end
    end
  end
end
