# frozen_string_literal: true

module Demo
  module Art
    # The tender's name board: buff, lined, lettered.
    module NameBoard
      module_function

      def svg
        face = Shelves::FontShelf.fetch("roboto-slab-bold")
        words = UpClose::Artwork::Lettering.new(face, "SANDPIPER").drawing
        path = words.shapes.first.path
        box = words.ink.box
        map = UpClose::Geometry::Transform.move(-box.centre.x, -box.centre.y)
          .then(UpClose::Geometry::Transform.scale(7))
          .then(UpClose::Geometry::Transform.move(60, 8.5))
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 120 17">
          <rect x="0.5" y="0.5" width="119" height="16" rx="3" fill="#e9d5a1" stroke="#7c2f22" stroke-width="1"/>
          <rect x="2" y="2" width="116" height="13" rx="1.8" fill="none" stroke="#7c2f22" stroke-width="0.4"/>
          <path d="#{UpClose::Formats::SVG::PathWriter.call(path.transform(map))}" fill="#16301f"/>
          </svg>
        SVG
      end
    end
  end
end
