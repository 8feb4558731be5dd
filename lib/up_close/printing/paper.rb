# frozen_string_literal: true

module UpClose
  module Printing
    # A size of paper, upright. Frozen.
    class Paper
      attr_reader :key, :title, :width_mm, :height_mm

      def initialize(key, title, width_mm, height_mm)
        @key, @title, @width_mm, @height_mm = key, title, width_mm, height_mm
        freeze
      end

      ALL = [
        new("a4", "A4", 210.0, 297.0),
        new("letter", "Letter", 215.9, 279.4),
        new("a5", "A5", 148.0, 210.0),
        new("a3", "A3", 297.0, 420.0),
        new("tabloid", "Tabloid", 279.4, 431.8)
      ].freeze

      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |paper| paper.key == key.to_s.downcase } ||
          raise(Errors::Unknown.new(
            "There is no paper called “#{key}”.",
            remedy: "Choose one of: #{ALL.map(&:key).join(", ")}.",
            field: :paper
          ))
      end

      # the same sheet lying on its side
      def landscape = Paper.new(key, "#{title} landscape", height_mm, width_mm)

      def landscape? = width_mm > height_mm
    end
  end
end
