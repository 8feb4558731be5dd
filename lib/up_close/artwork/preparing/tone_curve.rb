# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    module Preparing
      # Tones of a picture by its own histogram, and changed by a curve. Not a step of its own.
      module ToneCurve
        # ground that is not printed tells nothing of a picture
        WHITE = 255
        # share of the picture's tones left out at either end: dust and glints
        TAIL = 0.005

        module_function

        # @param grey [Vips::Image] one band, 8 bit  @param shares [Array<Float>] 0..1
        # @return [Array<Integer>] for each, the tone below which so much of what is not white lies
        def quantiles(grey, *shares)
          counts = grey.hist_find.to_a.flatten.first(WHITE + 1)
          counts += [0] * (WHITE + 1 - counts.size)
          bare = counts[WHITE]
          counts[WHITE] = 0
          counts[WHITE] = bare if counts.sum.zero?
          running = counts.each_with_object([]) { |count, sums| sums << (sums.last || 0) + count }
          shares.map { |share| running.index { |sum| sum >= share * running.last && sum.positive? } || WHITE }
        end

        # @param picture [Picture]  @yield [Integer] 0..255  @yieldreturn [Numeric] what becomes of that tone
        # @return [Picture] every band alike; what was white stays white
        def apply(picture)
          values = (0..WHITE).map { |tone| (tone == WHITE) ? WHITE : yield(tone).round.clamp(0, WHITE) }
          table = Vips::Image.new_from_memory(values.pack("C*"), WHITE + 1, 1, 1, :uchar)
          Picture.made(picture.image.maplut(table), notes: picture.notes)
        end

        # darkness 0..1 by "lighter": 100 leaves half of a middle tone's ink squared away, −100 the other way
        # @param lighter [Float] −100..100
        def lightened(darkness, lighter) = darkness**(2**(lighter / 50.0))
      end
    end
  end
end
