# frozen_string_literal: true

module UpClose
  # A value that describes itself, so that form, document and reader share one source. Frozen.
  class Parameter
    attr_reader :key, :words, :kind, :default, :range, :hint

    # @param key [Symbol] ends in its unit: :width_mm, :sides
    # @param words [String] its label
    # @param kind [Symbol] :length (mm), :count, :outline (corners) or :stations (along, girth)
    # @param range [Range] what is possible
    def initialize(key, words, kind: :length, default: nil, range: 0.01..2000.0, hint: nil)
      @key, @words, @kind, @default, @range, @hint = key, words, kind, default, range, hint
      freeze
    end

    def length? = kind == :length

    # @param value [Object] what was typed or sent
    # @return [Numeric] a length as a Float
    # @raise [Errors::BadShape] missing, no number, or out of range
    def checked(value)
      raise Errors::BadShape.new("#{words} is missing.", remedy: "Type it.", field: key) if value.nil?
      return length? ? value.to_f : value if value.is_a?(Numeric) && range.cover?(value)
      raise Errors::BadShape.new(
        "#{words} must lie between #{Working.number(range.begin)} and #{Working.number(range.end)}.",
        remedy: "Check the figure.",
        field: key
      )
    end

    # several figures, typed one pair a line
    def list? = %i[outline stations].include?(kind)
  end
end
