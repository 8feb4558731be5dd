# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # What plain paths cannot hold is named: part of Reader.
      module BeyondPaths
        private

        def check_style(element, style)
          note_beyond("clipping") if used?(style["clip-path"])
          note_beyond("masks") if used?(style["mask"])
          note_beyond("filters") if used?(style["filter"])
          note_beyond("blending") if used?(style["mix-blend-mode"]) && style["mix-blend-mode"] != "normal"
          note_beyond("markers") if %w[marker marker-start marker-mid marker-end].any? { |n| used?(style[n]) }
          note_beyond("a moved origin of turns") if used?(style["transform-origin"]) && used?(style["transform"])
          note_beyond("see-through groups") if style.own_opacity < 1 && Reader::GROUPS.include?(element.name)
        end

        def used?(value) = value && value != "none"

        def note_beyond(what) = (@beyond << what unless @beyond.include?(what))
      end
    end
  end
end
