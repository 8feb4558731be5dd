# frozen_string_literal: true

module UpClose
  # For the singleton class of a small language of definitions: +declares+ makes methods that set, called with a
  # value, and give, called without.
  module Declarations
    # @param names [Array<Symbol>]
    def declares(*names)
      names.each do |name|
        define_method(name) do |*value|
          value.empty? ? instance_variable_get(:"@#{name}") : instance_variable_set(:"@#{name}", value.first)
        end
      end
    end
  end
end
