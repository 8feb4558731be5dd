# frozen_string_literal: true

module UpClose
  # Structs whose instances are frozen as soon as they are made.
  module Value
    # freezes what was just filled
    module Frozen
      def initialize(...)
        super
        freeze
      end
    end

    # @param members [Array<Symbol>]
    # @param keyword_init [Boolean, nil] as Struct.new takes it
    # @yield the body of the class
    # @return [Class]
    def self.define(*members, keyword_init: nil, &body)
      Struct.new(*members, keyword_init: keyword_init) do
        include Frozen

        class_eval(&body) if body
      end
    end
  end
end
