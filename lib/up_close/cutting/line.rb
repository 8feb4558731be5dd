# frozen_string_literal: true

module UpClose
  module Cutting
    # A kind of line that a copy is cut out along: what its files in lines/ are written in.
    class Line
      class << self
        extend Declarations

        # key, title: names. summary: what it is good for. listed: its place in lists.
        declares :key, :listed, :title, :summary

        # for paper that is laid face down and registers by its edges
        def face_down = @face_down = true

        def face_down? = @face_down == true

        # for a mark that covers its piece
        def cover = @cover = true

        def cover? = @cover == true

        # figures that a maker may change
        # @param keys [Array<Symbol>] of Figures
        def figures(*keys) = keys.any? ? @figures = keys.freeze : @figures || []

        # true when its line is worked out from where ink really lies, not from its box or hull
        def follows_ink = @follows_ink = true

        def follows_ink? = @follows_ink == true

        # @raise [Errors::BadDefinition]
        def check!
          missing = %i[key title summary].find { |name| public_send(name).nil? } or return
          raise Errors::BadDefinition.new(
            "The line #{name} does not say “#{missing}” as it must.", remedy: "Give #{missing}.", field: missing
          )
        end
      end

      # @param asked [Asked]
      def initialize(asked)
        @asked = asked
      end

      # @return [Cut] about the middle of the ink's box, y downwards, not mirrored
      def call = raise(NotImplementedError)

      private

      attr_reader :asked

      # @return [Cut] of one ring without holes
      def ring(points, **told) = Cut.new(outline: points, holes: [], **told)

      # half of the paper's width and height
      # @return [Array(Float, Float)] mm
      def half = [asked.width_mm / 2.0 + asked.around_mm, asked.height_mm / 2.0 + asked.around_mm]

      # a corner can be no larger than half of the shorter side
      def corner = asked.corner_mm.clamp(0, half.min)
    end
  end
end
