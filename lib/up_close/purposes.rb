# frozen_string_literal: true

module UpClose
  # What a mark is for, one a file: it decides which methods are offered, which checks matter, and what comes
  # after the transfer.
  module Purposes
    extend Catalogue

    # @return [Boolean] whether a constant here is a purpose
    def self.definition?(constant) = constant.is_a?(Class) && constant < Purpose

    # @param purpose [Module]  @return [Array] its place in lists
    def self.rank(purpose) = place_in_lists(purpose.listed, purpose.key)

    # what a method is usually done for, where nobody has said
    # @param method [Class] a Methods::Definition
    # @return [Class] a Purpose
    def self.usual_for(method) = fetch(method.serves.keys.first)

    # @param key [String, Symbol]
    # @return [Class] a Purpose
    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |purpose| purpose.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "A mark cannot be for “#{key}”.",
          remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
          field: :purpose
        ))
    end
  end
end
