# frozen_string_literal: true

module Presenters
  # The figures of a drawing's dimension lines, moved so that none lies over another or leaves the drawing: one that
  # has no room is numbered out, with a letter at its line and the figure at the drawing's top.
  class ClearFigures
    # px of the drawing's frame; on a narrow screen figures are drawn this large in it
    SIZE = 25
    WIDE = 0.6 * SIZE
    # kept between two figures
    GAP = 2
    # further than this from its line, a figure is led back to it
    NEAR = 34
    # beside the line first, then on along it: of a level line, and of an upright one; degrees
    TURNS = {true => [90, 270, 45, 315, 135, 225, 0, 180], false => [0, 180, 45, 315, 135, 225, 90, 270]}.freeze
    # tried beside, and beyond, the middle of the line and its ends
    REACHES = [30, 46, 64, 84, 110, 140].freeze
    # px between the places a letter is tried at
    STEP = 9
    LETTERS = ("a".."z").to_a.freeze

    # @param width [Numeric] of the frame, px  @param height [Numeric]
    # @param taken [Array<Array<UpClose::Geometry::Point>>] corners of what no figure may cover, px
    def initialize(width, height, taken: [])
      @frame = UpClose::Geometry::Box.new(x: 0, y: 0, width: width, height: height)
      @taken, @keyed = taken.dup, []
    end

    # @param dims [Array<Dimension>]  @return [Array<Dimension>] those that lay over something, moved
    def call(dims)
      before = @taken.dup
      placed = dims.map { |dim| moved(dim) || numbered(dim) }
      return placed if @keyed.empty?
      # again, with the strip left free where the letters are told
      @taken, @keyed = before << strip.corners, []
      dims.map { |dim| moved(dim) || numbered(dim) }
    end

    # what the letters stand for
    # @return [String] "a 0.4   b 0.6", empty where none was needed
    def key = @keyed.map { |letter, figure| "#{letter} #{figure}" }.join("   ")

    # corners of a figure's box
    # @param centre [Array(Float, Float)], px
    # @return [Array<UpClose::Geometry::Point>]
    def self.corners(figure, centre, upright: false)
      size = [figure.length * WIDE + GAP, SIZE + GAP]
      width, height = upright ? size.reverse : size
      UpClose::Geometry::Box
        .new(x: centre[0] - width / 2.0, y: centre[1] - height / 2.0, width: width, height: height).corners
    end

    private

    def strip = UpClose::Geometry::Box.new(x: 0, y: 0, width: @frame.width / 2, height: SIZE + GAP)

    # @param places_tried [Array<Array(Float, Float)>] places to try when its own is covered  @return [Dimension, nil]
    def moved(dim, places_tried = places(dim))
      return dim if take?(dim)
      places_tried.each do |place|
        away = dim.with_figure(place, led: led?(dim, place))
        return away if take?(away)
      end
      nil
    end

    # with a letter in its figure's place, anywhere on the drawing; only a full drawing has no room for one
    def numbered(dim)
      letter = LETTERS.fetch(@keyed.size, "z")
      @keyed << [letter, dim.figure]
      short = dim.renamed(letter)
      moved(short) || moved(short, everywhere(dim.places.first)) || short
    end

    # the nearest first
    def everywhere((x, y))
      columns, rows = [@frame.width, @frame.height].map { |far| (0..far).step(STEP).to_a }
      columns.product(rows).sort_by { |across, down| Math.hypot(across - x, down - y) }
    end

    # @return [Boolean] whether the figure has room there, which is then its own
    def take?(dim)
      box = self.class.corners(dim.figure, dim.at, upright: dim.upright_inline?)
      return false unless UpClose::Geometry::Box.around(box).inside?(@frame)
      return false if @taken.any? { |other| UpClose::Geometry::Algorithms::HullGap.call(box, other).negative? }
      @taken << box
      true
    end

    # round the middle of the line and its ends, the nearest first
    def places(dim)
      half = [dim.figure.length * WIDE / 2, SIZE / 2].max
      REACHES.flat_map do |reach|
        dim.places.flat_map do |x, y|
          TURNS.fetch(dim.level?).map do |deg|
            across, down = Math.cos(deg * Math::PI / 180), Math.sin(deg * Math::PI / 180)
            [x + across * (reach - 15 + half * across.abs), y + down * reach]
          end
        end
      end
    end

    def led?(dim, centre) = dim.places.map { |x, y| Math.hypot(centre[0] - x, centre[1] - y) }.min > NEAR
  end
end
