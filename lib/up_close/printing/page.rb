# frozen_string_literal: true

module UpClose
  module Printing
    # One page: its paper and what stands on it. Every format is written from this. Frozen.
    class Page
      attr_reader :paper, :items

      def initialize(paper:, items:)
        @paper, @items = paper, items.freeze
        freeze
      end

      def bars = items.grep(Items::Bar)

      def marks = items.grep(Items::Mark)
    end
  end
end
