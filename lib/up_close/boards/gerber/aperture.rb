# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # What is flashed or drawn with: a shape about the origin, mm, y upwards.
      class Aperture
        STANDARD = %w[C R O P].freeze

        attr_reader :polygons

        # @param name [String] C, R, O, P  @param numbers [Array<Float>] in the file's unit
        # @return [Aperture]
        # @raise [Errors::BadBoard] where numbers are missing
        def self.standard(name, numbers, unit_mm)
          sizes = if name == "P"
            numbers.each_with_index.map { |n, i| [1, 2].include?(i) ? n : n * unit_mm }
          else
            numbers.map { |n| n * unit_mm }
          end
          outline, hole = StandardShapes.public_send(name.downcase, *sizes)
          new([[outline, *hole]], diameter: ((name == "C") ? sizes.first : nil))
        rescue ArgumentError, TypeError
          raise Errors::BadBoard.new("An aperture #{name} has too few or too many numbers.")
        end

        # @param polygons [Array<Array<Array<Float>>>]  @param diameter [Float, nil] of a round one
        def initialize(polygons, diameter: nil)
          @polygons, @diameter = polygons, diameter
        end

        # @return [Float, nil] mm; nil when it is not round
        attr_reader :diameter

        # @param at [Array(Float, Float)]
        def flash(x, y) = empty? ? [] : Outlines.moved(polygons, x, y)

        # What it covers when it is drawn along a line; nothing for a round one, whose lines are widened together.
        # @param line [Array<Float>] x, y, x, y …
        # @return [Array<Array<Array<Float>>>] polygons
        def stroke(line)
          return [] if diameter || empty?
          line.each_slice(2).each_cons(2).flat_map do |from, to|
            polygons.map { |rings| [Hull.call(rings.first, *from, *to)] }
          end
        end

        # @param map [Geometry::Transform] mirrored, turned, scaled
        # @return [Aperture]
        def mapped(map)
          Aperture.new(Outlines.mapped(polygons, map), diameter: diameter && diameter * map.mean_scale)
        end

        def empty? = diameter&.zero? || polygons.empty?
      end
    end
  end
end
