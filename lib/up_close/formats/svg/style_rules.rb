# frozen_string_literal: true

require "strscan"

module UpClose
  module Formats
    module SVG
      # The simple rules of a <style> element: tag, .class, #id and lists of them.
      # Anything cleverer is counted as not understood.
      class StyleRules
        SIMPLE = /\A(?:\*|([a-z]+)?((?:[.#][\w-]+)*))\z/i

        # What stands in a style attribute or between a rule's braces.
        # @return [Array(Hash, Hash)] plain ones, and those marked important, which nothing plain outdoes
        def self.declarations(text)
          rules = split(text.to_s).filter_map do |line|
            name, value = line.split(":", 2)
            [name.strip.downcase, value.sub(IMPORTANT, "").strip, value.match?(IMPORTANT)] if value
          end
          rules.partition { |_, _, important| !important }.map { |list| list.to_h { |name, value, _| [name, value] } }
        end

        IMPORTANT = /!\s*important\s*\z/i

        # at semicolons, but not at those within quotes or brackets
        def self.split(text)
          scan, lines = StringScanner.new(text), [+""]
          until scan.eos?
            if scan.skip(/;/) then lines << +""
            else lines.last << (scan.scan(/[^;"'(]+|"[^"]*"|'[^']*'|\([^)]*\)/) || scan.getch)
            end
          end
          lines
        end

        # @param css [String]
        def initialize(css)
          @rules = []
          @odd = css.match?(/@(?!charset)/i)
          each_rule(without_comments(css)) { |selectors, body| add(selectors, body) }
        end

        # true when some rule was beyond us
        def odd? = @odd

        # @return [Array(Hash, Hash)] plain ones, and those marked important, the strongest rule's of each
        def for(tag, id, classes)
          matching = @rules.select { |rule| applies?(rule, tag, id, classes) }.sort_by.with_index do |rule, i|
            [rule[:weight], i]
          end
          [0, 1].map { |which| matching.reduce({}) { |all, rule| all.merge(rule[:body][which]) } }
        end

        private

        # scanned once, however it is written
        def without_comments(css)
          scan, kept = StringScanner.new(css), +""
          while (text = scan.scan_until(%r{/\*}))
            kept << text.delete_suffix("/*")
            return kept unless scan.skip_until(%r{\*/})
          end
          kept << scan.rest
        end

        def each_rule(css)
          scan = StringScanner.new(css)
          while (selectors = scan.scan_until(/\{/)) && (body = scan.scan_until(/\}/))
            yield selectors.delete_suffix("{")[/[^}]*\z/], body.delete_suffix("}")
          end
        end

        def add(selectors, body)
          selectors.split(",").map(&:strip).each do |selector|
            match = SIMPLE.match(selector)
            next @odd = true unless match
            names = match[2].to_s.scan(/[.#][\w-]+/)
            @rules << {
              tag: match[1],
              names: names,
              body: StyleRules.declarations(body),
              weight: weight(match[1], names)
            }
          end
        end

        def weight(tag, names) = names.sum { |n| n.start_with?("#") ? 100 : 10 } + (tag ? 1 : 0)

        def applies?(rule, tag, id, classes)
          return false if rule[:tag] && rule[:tag] != tag
          rule[:names].all? { |n| n.start_with?("#") ? n[1..] == id : classes.include?(n[1..]) }
        end
      end
    end
  end
end
