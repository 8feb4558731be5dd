# frozen_string_literal: true

module UpClose
  module Register
    # What lines and corners are marked with, so that they show on the piece and come off again.
    module Pencil
      DARK = 50.0

      module_function

      # @param colour [Colour] of the piece  @param smooth [Boolean] glazed, enamelled, metal, plastic, glass
      # @return [String] "in white pencil"
      def words(colour, smooth: false)
        dark = colour.lightness < DARK
        return dark ? "in white wax pencil, or on low-tack tape" : "in wax pencil" if smooth
        dark ? "in white pencil, or on low-tack tape" : "in soft pencil"
      end
    end
  end
end
