# frozen_string_literal: true

module UpClose
  module Artwork
    # Artwork made of lines and curves; stays so all the way to the paper. Frozen.
    class Drawing
      attr_reader :shapes, :mm_per_unit, :notes, :clip

      # @param drawn [Graphics::Drawn]
      # @return [Drawing]
      def self.of(drawn) = new(drawn.shapes, mm_per_unit: drawn.mm_per_unit, notes: drawn.notes)

      # @param shapes [Array<Graphics::Painted>] bottom first
      # @param mm_per_unit [Float, nil] its own true size, when it has one
      # @param notes [Array<String>] what the maker should know about the reading
      # @param clip [Geometry::Path, nil] what lies outside it is not painted
      def initialize(shapes, mm_per_unit: nil, notes: [], clip: nil)
        @shapes = shapes.select(&:visible?).freeze
        @mm_per_unit = mm_per_unit
        @notes = notes.freeze
        @clip = clip
        @memo = {}
        freeze
      end

      def kind = :drawing

      def vector? = true

      # the same with each shape changed
      # @yield [Graphics::Painted] → Painted
      def with_shapes(&change) = Drawing.new(shapes.map(&change), mm_per_unit: mm_per_unit, notes: notes, clip: clip)

      # @return [Ink, nil] nil when nothing is drawn
      def ink = @memo.fetch(:ink) { @memo[:ink] = InkOfDrawing.call(self) }

      # as it was measured when it was first opened
      # @return [Drawing] itself
      def with_ink(ink) = tap { @memo[:ink] = ink if ink }

      # worked out once: it never changes
      # @yield to work it out
      def kept(name) = @memo.fetch(name) { @memo[name] = yield }

      # what was worked out of it by names that say on what it depends, so that another process can be told
      # @return [Hash{Array => Object}]
      def worked_out = @memo.select { |name, _| name.is_a?(Array) }

      # @return [Drawing] itself
      def told(known) = tap { @memo.merge!(known) }

      # what the page writers do with it
      def draw_on(page, **place) = page.drawing(self, **place)
    end
  end
end
