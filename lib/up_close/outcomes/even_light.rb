# frozen_string_literal: true

require "matrix"
require "vips"

module UpClose
  module Outcomes
    # A photo with its lamp taken out: a plane of light is laid through the brightest of each of its tiles; tiles that
    # lie well below it, of ink or of the bench, are dropped, and it is laid anew.
    module EvenLight
      TILES = 14
      # of a tile, the level that only so few of its pixels exceed
      BRIGHT = 90
      ROUNDS = 4
      # a tile this far below the plane is no ground
      BELOW = 0.88

      module_function

      # @param grey [Vips::Image]  @return [Vips::Image] 0..255, its ground about 200
      def call(grey)
        tiles = tiles(grey)
        kept = tiles
        plane = nil
        ROUNDS.times do
          plane = plane(kept)
          nearer = tiles.select { |x, y, level| level > BELOW * at(plane, x, y) }
          break if nearer.size < 6
          kept = nearer
        end
        a, b, c = plane
        xy = Vips::Image.xyz(grey.width, grey.height)
        light = xy[0] * (b / grey.width) + xy[1] * (c / grey.height) + a
        Graphics::Pixels.held((grey * 200.0 / (light < 20).ifthenelse(20, light)).cast(:uchar))
      end

      # @return [Array<Array(Float, Float, Float)>] place in shares, and how bright
      def tiles(grey)
        wide, high = grey.width / TILES, grey.height / TILES
        Array.new(TILES) { |j|
          Array.new(TILES) { |i|
            level = grey.crop(i * wide, j * high, [wide, 1].max, [high, 1].max).percent(BRIGHT)
            [(i + 0.5) / TILES, (j + 0.5) / TILES, level.to_f]
          }
        }.flatten(1)
      end

      # least squares
      def plane(tiles)
        rows = Matrix.rows(tiles.map { |x, y, _| [1.0, x, y] })
        pull = Matrix.diagonal(Tolerance::SLIGHT, 0.05, 0.05)
        ((rows.transpose * rows + pull).inverse * (rows.transpose * Vector.elements(tiles.map(&:last)))).to_a
      end

      # @param x [Float] share across  @param y [Float] share down  @return [Float] how bright the plane is there
      def at((a, b, c), x, y) = a + b * x + c * y
      private_class_method :tiles, :plane, :at
    end
  end
end
