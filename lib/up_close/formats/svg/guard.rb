# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Turns away drawings that carry more than a drawing, before they are parsed.
      module Guard
        MOST_BYTES = 8 * 1024 * 1024
        REFUSALS = [
          [/<!ENTITY/i, "This SVG defines entities of its own, which can multiply without end.", "Save it again as a plain SVG."],
          [/<script\b/i, "This SVG carries a script.", "Save it again as a plain SVG, without scripts."],
          [/\son\w+\s*=\s*["']/i, "This SVG carries a script in an event attribute.", "Save it again as a plain SVG, without scripts."],
          [/javascript:/i, "This SVG carries a script in a link.", "Save it again as a plain SVG, without scripts."],
          [/<\?xml-stylesheet|@import/i, "This SVG takes its styles from another file.", "Save it with its styles inside."],
          [/url\(\s*["']?\s*(?!["']?\s*[#)]|data:)/i, "This SVG refers to another file.", "Embed what it needs, or draw it in."],
          [/<(?:\w+:)?(?:use|image|feImage|pattern|linearGradient|radialGradient|tref|textPath|mpath)\b[^>]*\s(?:xlink:)?href\s*=\s*["'](?!\s*(?:#|data:image\/(?:png|jpe?g);))/im,
            "This SVG refers to another file.", "Embed what it needs, or draw it in."]
        ].freeze

        module_function

        # @raise [Errors::BadArtwork]
        def check(text)
          refuse("This SVG is larger than #{MOST_BYTES / 1024 / 1024} MB.", "Simplify its paths, or save it as a PNG at its final size.") if text.bytesize > MOST_BYTES
          REFUSALS.each { |pattern, reason, remedy| refuse(reason, remedy) if text.match?(pattern) }
        end

        def refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))
      end
    end
  end
end
