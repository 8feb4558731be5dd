# frozen_string_literal: true

module UpClose
  module Surfaces
    # How a line through a place is found on the real piece: how far it lies from something
    # that can be seen or marked there, and how far from what lies on the other side. Frozen.
    class Bearing
      FROM = %i[top bottom left right rim foot datum middle].freeze

      attr_reader :title, :from, :distance_mm, :from_words, :rest_mm, :to_words, :where

      # @param title [String] the line to draw  @param from [Symbol] one of FROM
      # @param distance_mm [Float] measured over the surface  @param from_words [String] "top edge"
      # @param rest_mm [Float, nil] on to what is named +to_words+, on the other side
      # @param where [String] where both are measured
      def initialize(title:, from:, distance_mm:, from_words:, where:, rest_mm: nil, to_words: nil)
        raise ArgumentError, "no bearing from #{from.inspect}" unless FROM.include?(from)
        @title, @from, @distance_mm, @from_words = title, from, distance_mm, from_words
        @rest_mm, @to_words, @where = rest_mm, to_words, where
        freeze
      end

      # @return [Float, nil] both distances together
      def whole_mm = rest_mm && distance_mm + rest_mm
    end
  end
end
