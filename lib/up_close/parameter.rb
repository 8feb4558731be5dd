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

    # several figures, typed one pair a line
    def list? = %i[outline stations].include?(kind)
  end
end
