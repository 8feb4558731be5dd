# frozen_string_literal: true

module UpClose
  module Artwork
    # The drawings of a set, one a copy, drawn when asked for. One box holds all
    # of them: the widest and the tallest decide the fit. Frozen.
    class DrawnSet
      # @param members [Array]  @yield [member] → Drawing; without a block they are drawings
      def initialize(members, &draw)
        @members = members.to_a.freeze
        @draw = draw || :itself.to_proc
        @memo = {}
        freeze
      end

      def size = @members.size

      # lines stay lines
      def vector? = true

      def notes = widest_drawing.notes

      # @return [Drawing] of one member, from 1; they come round again
      def drawing_of(number) = @memo[(number - 1) % size] ||= @draw.call(@members[(number - 1) % size])

      def map = (1..size).map { |number| yield drawing_of(number) }

      # @return [Integer]
      def widest = @memo[:widest] ||= (1..size).max_by { |number| bare_box(number)&.width || 0 }

      def widest_drawing = drawing_of(widest)

      # @return [Geometry::Box]
      # @raise [Errors::BadArtwork] when nothing is drawn
      def box
        boxes.reduce(:union) ||
          raise(Errors::BadArtwork.new(
            "Nothing is left after these steps.",
            remedy: "Turn one off, or change its figure.",
            field: :recipe
          ))
      end

      # one box for all of them
      # @return [Ink]
      def ink
        @memo[:ink] ||= Ink.new(
          box: box,
          hull: Geometry::Algorithms::ConvexHull.call(boxes.flat_map(&:corners)),
          centroid: box.centre,
          rows: [box.to_a]
        )
      end

      private

      def boxes = @memo[:boxes] ||= (1..size).filter_map { |number| bare_box(number) }

      # the box of the letters, without drawing them: exact but for ink thinned by a white edge
      def bare_box(number)
        drawing_of(number).shapes.filter_map { |shape| reached(shape) }.reduce(:union)
      end

      def reached(shape)
        shape.path.box&.grown((shape.stroke && !shape.stroke.white?) ? shape.stroke_width / 2 : 0)
      end
    end
  end
end
