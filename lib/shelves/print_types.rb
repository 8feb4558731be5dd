# frozen_string_literal: true

require "shelves/font_shelf"

module Shelves
  # The faces that headings and cards are set in.
  module PrintTypes
    KEYS = {regular: "atkinson-hyperlegible", bold: "atkinson-hyperlegible-bold"}.freeze

    module_function

    # for PDF @return [Hash{Symbol => String}] paths
    def paths = KEYS.transform_values { |key| FontShelf.path(key) }

    # for SVG @return [Hash{Symbol => UpClose::Artwork::Face}]
    def faces = KEYS.transform_values { |key| FontShelf.fetch(key) }
  end
end
