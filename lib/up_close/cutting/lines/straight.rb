# frozen_string_literal: true

module UpClose
  module Cutting
    module Lines
      # Straight cuts round its box, for film that needs no outline.
      class Straight < Line
        key "straight"
        listed 30
        title "Straight, a box"
        summary "Four cuts with a ruler."
        figures :around_mm

        # @see Line#call
        def call = Lines::Box.new(asked).call
      end
    end
  end
end
