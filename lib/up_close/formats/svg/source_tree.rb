# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # An SVG's text as a tree of elements, guarded: part of Reader.
      module SourceTree
        private

        def parse
          document = REXML::Document.new(@text)
          not_svg unless document.root && document.root.name == "svg"
          Guard.new(document).check
          document.root
        rescue REXML::ParseException, RuntimeError, ArgumentError => error
          raise if error.is_a?(Error)
          Guard.refuse(
            "This SVG is incomplete or not well formed.",
            "Open it in the program that made it and save it again."
          )
        end

        def not_svg
          Guard.refuse("This file is named SVG but contains no drawing.", "Check that it is the right file.")
        end

        def texts(root, name)
          REXML::XPath.match(root, "//*[local-name()='#{name}']").map { |e| e.texts.map(&:value).join }.join("\n")
        end

        # of two that are called alike, the first
        def ids(root) = REXML::XPath.match(root, "//*[@id]").reverse.to_h { |e| [e.attributes["id"], e] }
      end
    end
  end
end
