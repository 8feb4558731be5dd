# frozen_string_literal: true

module UpClose
  module Graphics
    # What a reader found on a page: painted paths, bottom first. Frozen.
    class Drawn
      attr_reader :shapes, :mm_per_unit, :notes

      # @param shapes [Array<Painted>] those that nothing shows of are left out
      # @param mm_per_unit [Float, nil] its own true size, when it has one
      # @param notes [Array<String>] what the maker should know about the reading
      def initialize(shapes, mm_per_unit: nil, notes: [])
        @shapes = shapes.select(&:visible?).freeze
        @mm_per_unit, @notes = mm_per_unit, notes.freeze
        freeze
      end
    end
  end
end
