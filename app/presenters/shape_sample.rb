# frozen_string_literal: true

module Presenters
  # A small picture of a kind of shape, to choose it by.
  class ShapeSample
    MEASURES = {
      sides: 6, width_mm: 84, height_mm: 56, corner_mm: 14, hole_mm: 30, top_mm: 66, foot_mm: 44, slant_mm: 66,
      ball_mm: 66, cap_mm: 60, film_mm: 0, diameter_mm: 64,
      points: [[0, 0], [84, 0], [84, 30], [56, 30], [56, 58], [0, 58]],
      stations: [[0, 0], [12, 60], [34, 128], [60, 90], [84, 8]]
    }.freeze

    # always the same, so drawn once
    # @param kind [Class]
    # @return [Array(String, String)] outline, and the lines across it or nil
    def self.drawn(kind) = (@drawn ||= {})[kind] ||= new(kind).then { |sample| [sample.path, sample.lines].freeze }

    # @param kind [Class]
    def initialize(kind)
      @shape = kind.new(**kind.parameters.to_h { |p| [p.key, MEASURES.fetch(p.key, 64)] })
    end

    def path = d(@shape.curved? ? @shape.front_outline : @shape.path)

    # lines across a curved body, which show that it is round
    def lines
      return unless @shape.curved?
      grid = [-0.66, -0.33, 0.0, 0.33, 0.66]
      paths = grid.map { |share|
        stretch { |t| [share, t] }
      } + ((@shape.key == "loft") ? [] : grid.map { |share| stretch { |t| [t, share] } })
      paths.reject(&:empty?).map { |path| d(path) }.join
    end

    private

    def stretch
      box = @shape.unrolled.box
      seen = Array.new(25) { |i| yield(-0.98 + 1.96 * i / 24) }.filter_map do |u, v|
        point = UpClose::Geometry::Point[u * box.width / 2, v * box.height / 2]
        seen, visible = @shape.front(point)
        seen if visible && @shape.inside_distance(point) > 0
      end
      return UpClose::Geometry::Path::EMPTY if seen.size < 2
      UpClose::Geometry::Path.new(seen.each_with_index.map { |p, i| [i.zero? ? :move : :line, p] })
    end

    def d(path) = UpClose::Formats::SVG::PathWriter.call(path, places: 1)
  end
end
