# frozen_string_literal: true

module UpClose
  module Etching
    # The baths, the weakest first.
    module Baths
      extend Catalogue

      # @param constant [Object] a constant here  @return [Boolean] whether it is a bath
      def self.definition?(constant) = constant.is_a?(Class) && constant < Bath

      # @param bath [Class]  @return [Array] its place in lists
      def self.rank(bath) = place_in_lists(bath.listed, bath.key)

      # @param metal [Metal]
      # @return [Array<Class>] that suit it, the weakest first
      def self.for(metal) = all.reject { |bath| bath.against(metal) }

      # @param key [String, Symbol]
      # @return [Class] a Bath
      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |bath| bath.key == key.to_s } ||
          raise(Errors::Unknown.new(
            "There is no bath called “#{key}”.", remedy: "Choose one of: #{all.map(&:key).join(", ")}.", field: :bath
          ))
      end
    end
  end
end
