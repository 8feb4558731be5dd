# frozen_string_literal: true

require "strscan"

module UpClose
  module Formats
    module SVG
      # Takes the document type off a drawing, and puts in the names that it defines for itself, as
      # drawing programs write them: plain texts, none within another, and no more than MOST_GROWN in all.
      class Doctype
        MOST_GROWN = 1_000_000
        MOST_NAMES = 200
        FIVE = %w[amp lt gt quot apos].freeze
        NAME = /[A-Za-z_:][\w:.-]*/
        USED = /&([A-Za-z_:][\w:.-]*);/

        # @param text [String] UTF-8
        # @return [String] without a document type
        # @raise [Errors::BadArtwork]
        def self.taken_off(text) = new(text).call

        def initialize(text)
          @text = text
        end

        def call
          @scan = StringScanner.new(@text)
          return @text unless @scan.skip_until(/(?=<!DOCTYPE)/)
          before = @text.byteslice(0, @scan.pos)
          names = declared
          filled(before + @scan.rest, names)
        end

        private

        # the scanner ends after the declaration
        def declared
          @scan.skip(/<!DOCTYPE/)
          names = {}
          until @scan.skip(/>/)
            if @scan.skip(/\[/) then names = subset
            elsif @scan.skip(/"[^"]*"|'[^']*'|[^"'\[>]+/) then next
            else breaks_off
            end
          end
          names
        end

        def subset
          names = {}
          until @scan.skip(/\s*\]/)
            if @scan.skip(/\s*<!ENTITY\s+/) then names = entity.merge(names)
            elsif @scan.skip(/\s*<!--/) then @scan.skip_until(/-->/) || breaks_off
            elsif @scan.skip(/\s*<![A-Z]+[^<>"']*(?:(?:"[^"]*"|'[^']*')[^<>"']*)*>/) then next
            else breaks_off
            end
            refuse if names.size > MOST_NAMES
          end
          names
        end

        # @return [Hash{String => String}] its name and its text
        def entity
          name = @scan.scan(NAME)
          @scan.skip(/\s+/)
          value = @scan.scan(/"[^"&%<]*"|'[^'&%<]*'/)
          refuse unless name && value && @scan.skip(/\s*>/)
          {name => value[1..-2]}
        end

        def filled(text, names)
          grown = 0
          text.gsub(USED) do
            next $& if FIVE.include?($1)
            value = names[$1] || refuse
            grown += value.bytesize
            refuse if grown > MOST_GROWN
            value
          end
        end

        def refuse
          Guard.refuse(
            "This SVG defines names that stand for more than plain text, which can multiply without end.",
            "Save it again as a plain SVG."
          )
        end

        def breaks_off
          Guard.refuse(
            "This SVG is incomplete or not well formed.",
            "Open it in the program that made it and save it again."
          )
        end
      end
    end
  end
end
