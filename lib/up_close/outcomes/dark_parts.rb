# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # What is dark in a photo and touches no edge of it: a mark's ink; what touches an edge is the bench. Frozen.
    class DarkParts
      # pixels
      LEAST = 6

      attr_reader :parts, :mask

      # @param grey [Vips::Image] of even light
      def initialize(grey)
        dark = Graphics::Pixels.held(grey < threshold(grey))
        wide, high = dark.width, dark.height
        @parts = Artwork::Thinness::Regions.new(dark.write_to_memory, wide, high).parts(least: LEAST)
          .reject { |part| part.left.zero? || part.top.zero? || part.right >= wide || part.bottom >= high }
        @mask = drawn(wide, high)
        @boxes = {}
        freeze
      end

      # pixels
      def area = parts.sum(&:area)

      # The box round it when it is turned back; a few specks do not widen it.
      # @param turn [Numeric] degrees
      # @return [Array(Float, Float, Float, Float)] left, top, right, bottom
      def box(turn = 0)
        @boxes[turn] ||= begin
          there = Geometry::Transform.turn(-turn)
          points = parts.flat_map { |part| some(part) }.map { |x, y| there.apply(Geometry::Point[x, y]) }
          [points.map(&:x), points.map(&:y)].map { |values| trimmed(values) }.transpose.flatten
        end
      end

      private

      # Otsu's, on what is not at the edge
      def threshold(grey)
        inner = grey.crop(grey.width / 20, grey.height / 20, grey.width * 9 / 10, grey.height * 9 / 10)
        counts = inner.hist_find.to_a.flatten
        total, sum = counts.sum, counts.each_with_index.sum { |n, level| n * level }
        below = part = 0.0
        (0..counts.size - 2).max_by { |level|
          below += counts[level]
          part += counts[level] * level
          next 0 if below.zero? || below >= total
          below * (total - below) * (part / below - (sum - part) / (total - below))**2
        }.to_i + 1
      end

      def drawn(wide, high)
        bytes = "\0".b * (wide * high)
        parts.each do |part|
          part.runs.each { |y, from, to| bytes[y * wide + from, to - from] = "\xFF".b * (to - from) }
        end
        Graphics::Pixels.held(Vips::Image.new_from_memory_copy(bytes, wide, high, 1, :uchar))
      end

      def some(part)
        part.runs.each_slice([part.runs.size / 60, 1].max).flat_map do |runs|
          y, from, to = runs.first
          [[from, y], [to, y]]
        end
      end

      def trimmed(values)
        sorted = values.sort
        cut = sorted.size / 200
        [sorted[cut], sorted[-1 - cut]]
      end
    end
  end
end
