# frozen_string_literal: true

require "matrix"

module UpClose
  module Artwork
    # Lays letters over a word in a photo so that their outlines miss its edges least: Levenberg and Marquardt's damped
    # least squares (D. W. Marquardt, Journal of the SIAM 11, 1963) over the distance of each place of the outline.
    class WordFit
      # what is moved, how far a first step tries, and its least and most
      FREE = {
        x_mm: [0.05, nil], y_mm: [0.05, nil], cap_mm: [0.05, 0.2..500.0], stretch: [0.01, 0.4..2.5],
        turn_deg: [0.2, -45.0..45.0], slant_deg: [0.3, -40.0..40.0], spacing: [0.005, -0.4..2.0],
        bend: [0.001, -0.2..0.2]
      }.freeze
      ROUNDS = 60
      # edges further off than this, cap heights, belong to something else and pull no more
      REACH = 0.35
      MOST_POINTS = 700

      # capitals become no smaller and no larger than this, of the guess: letters shrunk to nothing fit any edge
      CAPS = 0.6..1.7
      # less shared than this is no fit
      LEAST_SHARED = 0.5

      # the pose found, what is left in mm, root mean square and what 95 % keep within, and how much both share, 0..1
      Found = Value.define(:pose, :left_mm, :most_mm, :shared) do
        # whether it lies over the word at all
        def over? = shared >= LEAST_SHARED
      end

      # @param outline [WordOutline]  @param edges [WordEdges]  @param bent [Boolean] whether an arc is looked for
      def initialize(outline, edges, bent: false)
        @outline, @edges = outline, edges
        @free = bent ? FREE : FREE.except(:bend)
      end

      # @param first [WordPose] a guess
      # @return [Found] the better of what comes of it and of the same laid over the box of all letters
      def call(first) = [first, over_box(first)].map { |start| measured(fitted(start)) }.max_by(&:shared)

      private

      def fitted(first)
        seen = @outline.seen(first)
        @caps = CAPS.begin * first.cap_mm..CAPS.end * first.cap_mm
        @looked_at = seen.each_slice((seen.size / MOST_POINTS.to_f).ceil).map(&:first)
        pose, damping = first, 1e-2
        missed = cost(pose)
        ROUNDS.times do
          tried = step(pose, damping)
          now = cost(tried)
          if now < missed
            done = missed - now < missed * Tolerance::SLIGHT
            pose, missed, damping = tried, now, damping / 4
            break if done
          else
            damping *= 5
            break if damping > 1e6
          end
        end
        pose
      end

      # as wide as they are, in their middle
      def over_box(first)
        now = Geometry::Box.around(@outline.points(first))
        scale = @edges.box.width / now.width
        grown = first.with(cap_mm: first.cap_mm * scale)
        off = @edges.box.centre - Geometry::Box.around(@outline.points(grown)).centre
        grown.with(x_mm: grown.x_mm + off.x, y_mm: grown.y_mm + off.y)
      end

      def measured(pose)
        points = @outline.points(pose)
        off = @outline.seen(pose).map { |n| @edges.at(points[n]).abs }.sort
        left = Math.sqrt(off.sum { |mm| mm**2 } / off.size)
        Found.new(pose, left, off[(off.size * 0.95).floor], @edges.shared(@outline.path(pose)))
      end

      # the same places each time, thinned to what a moment allows
      def residuals(pose)
        reach = REACH * pose.cap_mm
        @outline.some(pose, @looked_at).map { |x, y| softened(@edges.distance(x, y), reach) }
      end

      # as it is near an edge, and never more than the reach
      def softened(mm, reach) = reach * Math.tanh(mm / reach)

      def cost(pose) = residuals(pose).sum { |mm| mm**2 }

      def step(pose, damping)
        here = residuals(pose)
        slopes = @free.map { |name, (by, _)| slope(pose, name, by, here) }
        jacobian = Matrix.columns(slopes)
        normal = jacobian.transpose * jacobian
        held = Matrix.diagonal(*normal.each(:diagonal).map { |value| damping * [value, Tolerance::ROUNDING].max })
        change = (normal + held).lup.solve(jacobian.transpose * Vector.elements(here))
        moved(pose, change.to_a)
      rescue ExceptionForMatrix::ErrNotRegular
        pose
      end

      def slope(pose, name, by, here)
        there = residuals(pose.with(name => pose.public_send(name) + by))
        there.zip(here).map { |a, b| (a - b) / by }
      end

      def moved(pose, change)
        pose.with(**@free.each_with_index.to_h do |(name, (_, range)), i|
          value = pose.public_send(name) - change[i]
          range = @caps if name == :cap_mm
          [name, range ? value.clamp(range.begin, range.end) : value]
        end)
      end
    end
  end
end
