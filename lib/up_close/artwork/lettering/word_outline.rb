# frozen_string_literal: true

module UpClose
  module Artwork
    # The outline of a line of letters as places to be laid over a photo, by a WordPose.
    class WordOutline
      CHORD = 0.003
      # so far apart at most, cap heights
      STEP = 0.06

      # one letter: its outline's points from its left end, where the pen stands, its own middle, its place in the line
      Letter = Value.define(:rings, :pen, :middle, :index)

      # @param face [Face]  @param text [String] one line
      def initialize(face, text)
        @face, @text = face, Lettering.tidy(text)
      end

      # @param pose [WordPose]  @return [Array<Geometry::Point>] mm
      def points(pose)
        letters(pose.spacing).flat_map { |letter| letter.rings.flatten(1).map { |p| at(p, letter, pose) } }
      end

      # The same for some of them alone, as bare figures: a fit asks this thousands of times.
      # @param pose [WordPose]  @param numbers [Array<Integer>] of +points+
      # @return [Array<Array(Float, Float)>] mm
      def some(pose, numbers)
        flat = flattened
        pens = letters(0.0).map { |letter| letter.pen + (letter.index - (@text.length - 1) / 2.0) * pose.spacing }
        return numbers.map { |n| points_at(flat[n], pens, pose).to_a } unless pose.bend.abs < Tolerance::ROUNDING
        straight(pose, pens, numbers, flat)
      end

      # Which of its points are seen: where letters run into each other what lies inside is no edge.
      # @param pose [WordPose]  @return [Array<Integer>] numbers of +points+
      def seen(pose)
        all = letters(pose.spacing).map { |letter| letter.rings.map { |ring| ring.map { |p| at(p, letter, pose) } } }
        regions = all.map { |rings| region(rings) }
        own = all.each_with_index.flat_map { |rings, i| rings.flatten(1).map { |point| [point, i] } }
        own.each_index.select do |n|
          point, i = own[n]
          regions.each_with_index.none? { |other, k| k != i && other.contains?(point) }
        end
      end

      # @param pose [WordPose]  @return [Geometry::Path] mm
      def path(pose)
        letters(pose.spacing).flat_map(&:itself).map { |letter|
          letter.rings.map { |ring| Geometry::Path.polygon(ring.map { |p| at(p, letter, pose) }) }.reduce(:+)
        }.compact.reduce(:+) || Geometry::Path::EMPTY
      end

      # from end to end for a cap height of 1, as the face spaces it
      # @return [Float]
      def width(spacing = 0.0)
        @text.chars.sum { |c| @face.advance(c) } / @face.cap_height + spacing * (@text.length - 1)
      end

      private

      # points of all letters in turn, with the number of their letter
      # @return [Array<Array(Geometry::Point, Integer)>]
      def flattened
        @flattened ||= letters(0.0).each_with_index.flat_map { |letter, i| letter.rings.flatten(1).map { |p| [p, i] } }
      end

      def points_at((point, i), pens, pose) = pose.place(point, pens[i], letters(0.0)[i].middle)

      # WordPose#place without a bend
      def straight(pose, pens, numbers, flat)
        lean = Math.tan(pose.slant_deg * Math::PI / 180)
        cos, sin = [pose.turn_deg * Math::PI / 180].flat_map { |turn| [Math.cos(turn), Math.sin(turn)] }
        wide, high = pose.stretch * pose.cap_mm, pose.cap_mm
        numbers.map do |n|
          point, i = flat[n]
          u, v = (pens[i] + point.x - point.y * lean) * wide, point.y * high
          [u * cos - v * sin + pose.x_mm, u * sin + v * cos + pose.y_mm]
        end
      end

      def region(rings)
        rings.map { |ring| Geometry::Region.new(Geometry::Region.polygon(ring.map(&:to_a)).shape.buffer(0)) }.reduce(:^)
      end

      def at(point, letter, pose) = pose.place(point, letter.pen, letter.middle)

      # the outlines are the same however far apart they stand
      def letters(spacing)
        return @plain ||= spaced(0.0) if spacing.zero?
        spaced(spacing)
      end

      def spaced(spacing)
        half = width(spacing) / 2
        pens = Lettering.pens(@face, @text, spacing * @face.cap_height)
        pens.each_with_index.filter_map do |(char, pen), index|
          rings = rings(char)
          middle = @face.advance(char) / 2.0 / @face.cap_height
          Letter.new(rings, pen / @face.cap_height - half, middle, index) if rings.any?
        end
      end

      def rings(char)
        scale = Geometry::Transform.scale(1.0 / @face.cap_height)
        (@rings ||= {})[char] ||= Lettering.glyph(@face, char).transform(scale).flatten(CHORD)
          .map { |points, _| evenly(points) }
      end

      # places along it no further apart than a step, so that long straight sides count as much as curves
      def evenly(points)
        points.each_with_index.flat_map do |p, i|
          before = points[i - 1]
          parts = [(p.distance(before) / STEP).ceil, 1].max
          Array.new(parts) { |k| before + (p - before) * ((k + 1.0) / parts) }
        end
      end
    end
  end
end
