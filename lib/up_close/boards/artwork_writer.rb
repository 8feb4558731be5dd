# frozen_string_literal: true

module UpClose
  module Boards
    # A side of a plate as artwork: an SVG drawing at its true size, black where copper stays.
    module ArtworkWriter
      module_function

      # @param region [Geometry::Region] mm  @return [String]
      def call(region)
        box = region.box
        path = Formats::SVG::PathWriter.call(region.path, places: 4)
        sides = [box.width, box.height].map { |side| Formats::SVG::PathWriter.number(side, 4) }
        view = box.to_a.map { |value| Formats::SVG::PathWriter.number(value, 4) }.join(" ")
        %(<svg xmlns="http://www.w3.org/2000/svg" width="#{sides[0]}mm" height="#{sides[1]}mm" viewBox="#{view}">) +
          %(<path fill="#000" fill-rule="evenodd" d="#{path}"/></svg>)
      end
    end
  end
end
