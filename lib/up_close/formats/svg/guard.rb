# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Turns away drawings that carry more than a drawing: scripts, and what lies in other files.
      class Guard
        MOST_BYTES = 8 * 1024 * 1024
        DEEPEST_WITHIN = 3
        PLAIN = "Save it again as a plain SVG, without scripts."
        # what may stand in a link to a picture
        PICTURE = %r{\Adata:image/(?:png|jpe?g|gif|webp)[;,]}i
        DRAWING = %r{\Adata:image/svg\+xml((?:;[^,;]*)*),}i

        # @param text [String]
        # @raise [Errors::BadArtwork]
        def self.check_size(text)
          if text.bytesize > MOST_BYTES
            refuse(
              "This SVG is larger than #{MOST_BYTES / 1024 / 1024} MB.",
              "Simplify its paths, or save it as a PNG at its final size."
            )
          end
        end

        # @raise [Errors::BadArtwork]
        def self.refuse(reason, remedy) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: :file))

        # @param document [REXML::Document]  @param within [Integer] how many drawings it lies in
        def initialize(document, within: 0)
          @document, @within = document, within
        end

        # @raise [Errors::BadArtwork]
        def check
          if @document.children.any? { |node| node.is_a?(REXML::Instruction) && node.target == "xml-stylesheet" }
            refuse("This SVG takes its styles from another file.", "Save it with its styles inside.")
          end
          @document.root&.each_recursive { |element| look_at(element) }
          @document.root&.then { |root| look_at(root) }
        end

        private

        def look_at(element)
          refuse("This SVG contains a script.", PLAIN) if element.name.casecmp?("script")
          style(element.texts.map(&:value).join) if element.name.casecmp?("style")
          element.attributes.each_attribute do |attribute|
            attribute(element, attribute.name, attribute.value.to_s.strip)
          end
        end

        def attribute(element, name, value)
          refuse("This SVG contains a script in an event attribute.", PLAIN) if name.match?(/\Aon\w/i)
          if value.delete("\t\r\n ").downcase.start_with?("javascript:")
            refuse("This SVG contains a script in a link.", PLAIN)
          end
          return link(element, value) if name == "href"
          addresses(value) if value.match?(/url\(/i)
        end

        # a link that one clicks draws nothing
        def link(element, value)
          return if element.name == "a" || value.empty? || value.start_with?("#") || value.match?(PICTURE)
          drawing = value.match(DRAWING) or elsewhere
          within(value, drawing)
        end

        # a drawing inside the drawing is looked at as the one around it was
        def within(value, drawing)
          if @within >= DEEPEST_WITHIN
            refuse("This SVG contains drawings inside drawings, #{DEEPEST_WITHIN} deep.", "Save it again as a plain " \
              "SVG.")
          end
          body = value[drawing.end(0)..]
          text = drawing[1].to_s.downcase.include?("base64") ? body.unpack1("m") : body.gsub(/%(\h\h)/) { $1.hex.chr }
          text = Doctype.taken_off(text.dup.force_encoding("UTF-8").scrub("?"))
          Guard.new(REXML::Document.new(text), within: @within + 1).check
        rescue REXML::ParseException
          refuse(
            "A drawing inside this SVG is not well formed.",
            "Open it in the program that made it and save it again."
          )
        end

        def style(css)
          if css.match?(/@import/i)
            refuse("This SVG takes its styles from another file.", "Save it with its styles inside.")
          end
          addresses(css)
        end

        def addresses(text)
          text.scan(/url\(\s*["']?\s*([^"'\s)]{0,40})/i) do |(target)|
            elsewhere unless target.start_with?("#") || target.downcase.start_with?("data:") || target.empty?
          end
        end

        def elsewhere = refuse("This SVG refers to another file.", "Embed the other file in it.")

        def refuse(...) = Guard.refuse(...)
      end
    end
  end
end
