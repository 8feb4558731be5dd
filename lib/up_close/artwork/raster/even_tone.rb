# frozen_string_literal: true

module UpClose
  module Artwork
    # Pale things that were drawn, told from the damage that packing a picture leaves near ink: what is drawn keeps one
    # tone over an area or along a line, and nothing darker lies close across it. Damage changes from place to place
    # (at most 42 levels over five places in a row on 40 drawn pictures packed at 60 to 90, 30 over a square).
    module EvenTone
      # how much darker than bare the palest is that is told from damage, levels
      LEAST = 35
      # an area: its lowest is at least this share of its highest
      FLAT = 1 / 1.4
      # a line: as long as this, pixels, nothing darker by more than this within this across
      LONG_PX, DARKER, ACROSS_PX = 5, 20, 7
      # how far round it its own soft edge reaches, pixels across
      EDGE_PX = 5

      module_function

      # @param tone [Vips::Image] one band, 0 none … 255 full  @param bare [Numeric] the darkest that is not laid
      # @return [Vips::Image] of each place: how dark the drawn thing is that it belongs to, 0 where there is none
      def of(tone, bare)
        return tone * 0 if [tone.width, tone.height].min < ACROSS_PX
        even = [area(tone), line(tone, LONG_PX, 1), line(tone, 1, LONG_PX)].reduce { |a, b| (a > b).ifthenelse(a, b) }
        Graphics::Pixels.grown(Graphics::Pixels.held((even >= bare + LEAST).ifthenelse(even, 0)), EDGE_PX)
      end

      def area(tone)
        low, high = Graphics::Pixels.worn(tone, 3), Graphics::Pixels.grown(tone, 3)
        (low >= high * FLAT).ifthenelse(low, 0)
      end

      def line(tone, wide, high)
        along = tone.rank(wide, high, 0)
        across = tone.rank(*((wide > high) ? [1, ACROSS_PX] : [ACROSS_PX, 1]), ACROSS_PX - 1)
        (across <= along + DARKER).ifthenelse(along, 0)
      end
    end
  end
end
