# frozen_string_literal: true

module UpClose
  # Plain words for colours, as a maker says them: the nearest of a few.
  module ColourNames
    NAMED = {
      "black" => "#101010", "dark grey" => "#4a4a4a", "grey" => "#8c8c8c", "light grey" => "#cacaca",
      "white" => "#fbfbfb", "red" => "#d0202a", "dark red" => "#7c1a1e", "pink" => "#f4a9bb", "orange" => "#ef7d1a",
      "brown" => "#6b4226", "dark brown" => "#3c2618", "tan" => "#c9a277", "cream" => "#f2e6c8", "yellow" => "#f6d51f",
      "olive" => "#7a7420", "gold" => "#c9a03a", "light green" => "#a8d8a0", "green" => "#2e8b3d",
      "dark green" => "#1c4a2c", "teal" => "#1f8a8a", "light blue" => "#a5cdea", "blue" => "#2a63c4",
      "navy" => "#1b2a5c", "purple" => "#6a3a91", "dark purple" => "#3a2148", "lilac" => "#c3aade",
      "maroon" => "#571a2c"
    }.transform_values { |hex| Colour.hex(hex) }.freeze

    module_function

    # @param colour [Colour]  @return [String]
    def call(colour) = NAMED.min_by { |_, named| colour.difference(named) }.first
  end
end
