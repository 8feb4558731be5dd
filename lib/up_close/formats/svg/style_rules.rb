# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # The simple rules of a <style> element: tag, .class, #id and lists of them.
      # Anything cleverer is counted as not understood.
      class StyleRules
        SIMPLE = /\A(?:\*|([a-z]+)?((?:[.#][\w-]+)*))\z/i

        def self.declarations(text)
          text.to_s.split(";").filter_map do |line|
            name, value = line.split(":", 2)
            [name.strip.downcase, value.sub(/!\s*important/i, "").strip] if value
          end.to_h
        end

        # @param css [String]
        def initialize(css)
          @rules = []
          @odd = css.match?(/@(?!charset)/i)
          css.gsub(%r{/\*.*?\*/}m, "").scan(/([^{}]+)\{([^{}]*)\}/) { |selectors, body| add(selectors, body) }
        end

        # true when some rule was beyond us
        def odd? = @odd

        # @return [Hash{String => String}]
        def for(tag, id, classes)
          @rules.select { |rule| applies?(rule, tag, id, classes) }
            .sort_by.with_index { |rule, i| [rule[:weight], i] }
            .reduce({}) { |all, rule| all.merge(rule[:body]) }
        end

        private

        def add(selectors, body)
          selectors.split(",").map(&:strip).each do |selector|
            match = SIMPLE.match(selector)
            next @odd = true unless match
            names = match[2].to_s.scan(/[.#][\w-]+/)
            @rules << {tag: match[1], names: names, body: StyleRules.declarations(body), weight: weight(match[1], names)}
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
