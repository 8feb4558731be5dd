# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    module Thinness
      # Finds the thin places of one ground (ink, or the gaps in it) and how thin
      # they are. An opening by a disc takes away what is narrower than it
      # (Serra, Image Analysis, 1982); what it took is cut into parts; a part that
      # ends at a corner or a line's end is no thin place; the rest is measured
      # across. Coarser copies of the picture serve wider lines, so the disc stays small.
      class Survey
        include PartWidths
        include Discs

        DISC_PX = (5..15)
        COARSEST = 5
        MOST_PARTS = 300
        # wider lines only tell the figure: some of them stand for all
        SOME_PARTS = 60
        # a disc of pixels takes away without fail what is two pixels narrower
        UNSURE_PX = 2
        MOST_SPECKS = 400
        MOST_SAMPLES = 500
        # of 255: a hairline thinner than a pixel covers a part of it
        SOFT = 64
        # but a picture of so many pixels to the limit has none, and damage along its edges
        WELL_RESOLVED_PX = 4
        MANY_PIXELS = 8_000_000
        # what varies less along it keeps its width
        STEADY = 0.75

        # A thin place: its width, where it is and how long, mm; +lone+ when it stands by itself;
        # +widths+ across it at even steps, each for an equal share of its length.
        Place = Struct.new(:width_mm, :box, :length_mm, :area_mm2, :lone, :widths) do
          # @return [Float] mm of it whose width lies in a range
          def length_within(range) = length_mm * widths.count { |width| range.cover?(width) } / widths.size
        end

        # @param proof [SizedRaster]  @param limit_mm [Float] narrower than this does not carry
        # @param ground [Boolean] look at the gaps instead of the ink
        # @param share [Float] of the whole length: wider and wider lines are looked for until so much is found
        # @param coarsest [Integer] how often the picture is halved for that at most
        def initialize(proof, limit_mm:, ground: false, share: 0.01, coarsest: COARSEST)
          @proof, @limit, @ground, @share, @coarsest = proof, limit_mm, ground, share, coarsest
          @image = ground ? proof.line_cover.invert : proof.line_cover
        end

        # @return [Array<Place>] all places narrower than the limit, narrowest first
        def below = @below ||= places.select { |p| p.width_mm < @limit }.sort_by(&:width_mm)

        # share of the whole length that is narrower than the limit
        # @return [Float] 0..1
        def share_below(limit = @limit) = if total_length.zero?
                                            0.0
                                          else
                                            [
                                              stretches.sum { |width, length|
                                                (width < limit) ? length : 0
                                              } / total_length,
                                              1.0
                                            ]
                                              .min
                                          end

        # the width that 99 % of the middle line exceeds
        # @return [Float, nil] mm; nil when nothing is narrower than +widest_looked+
        def thinnest
          share = total_length / 100
          stretches.sort_by(&:first).find { |_, length| (share -= length) < 0 }&.first
        end

        # mm: nothing wider has been looked for
        def widest_looked = @reached

        # @return [Array<Place>]
        def places = counted_places.map(&:first)

        # true when there was more detail than could be looked at
        def overfull? = counted_places && @overfull

        # widths across all that was found, each with the length it stands for
        # @return [Array<Array(Float, Float)>] mm
        def stretches
          @stretches ||= counted_places.flat_map do |place, counted|
            each = place.length_mm / place.widths.size
            place.widths.filter_map { |width| [width, each] if counted.cover?(width) }
          end
        end

        # pixels a millimetre
        def per_mm = @proof.per_mm

        # half the outline is about the length of the middle line
        def total_length
          @total_length ||= begin
            level = (@image.width * @image.height > MANY_PIXELS) ? 1 : 0
            mask = Graphics::Pixels.held(at_level(level) > 127)
            (mask & mask.morph(square, :erode).invert).avg / 255 * mask.width * mask.height / 2 * 2**level / per_mm
          end
        end

        private

        # each place with the range of widths it counts for: the same place is met again by wider discs
        # @return [Array<Array(Place, Range)>]
        def counted_places = @counted_places ||= look

        def disc = ((@limit * per_mm + UNSURE_PX).ceil | 1).clamp(DISC_PX.begin, DISC_PX.end)

        # finest first, until enough has been found to tell the thinnest
        def look
          seen = []
          wide = 0.0
          (0..@coarsest).each do |level|
            shrink = 2**level
            break if level.positive? && (too_small?(shrink) || (wide > 2.3 * @limit && enough?(seen)))
            size = (level.zero? ? disc : 9) * shrink
            sure = (size - UNSURE_PX * shrink) / per_mm
            seen.concat(unseen(look_at(level, size), seen, wide).map { |place| [place, wide..sure] }) if sure > wide
            @reached = wide = sure
          end
          seen
        end

        # What is as thin as an earlier disc takes away was met by it. Not so what lies by itself: its soft edge may
        # have let that disc in, so it is known by its place.
        # @param seen [Array<Array(Place, Range)>]
        def unseen(found, seen, wide)
          found.select do |place|
            place.widths.any? { |width| width > wide } ||
              (place.lone && seen.none? { |other, _| other.lone && other.box.overlaps?(place.box) })
          end
        end

        def too_small?(shrink) = [@image.width, @image.height].min / shrink < DISC_PX.begin

        def enough?(seen) = seen.sum { |place, counted| place.length_within(counted) } > total_length * @share

        def look_at(level, size)
          shrink = 2**level
          # at the finest the proof's own margin is room enough
          @pad = (shrink == 1) ? 0 : size / shrink
          body, regions = part_by_width(level, size / shrink)
          Graphics::Pixels.release if @image.width * @image.height > MANY_PIXELS
          judge(regions, body, shrink, size)
        rescue TooMuch
          @overfull = true
          []
        end

        # the body a disc fits into, and what it took away
        def part_by_width(level, disc)
          mask = mask(level, @pad)
          opened = Graphics::Pixels.held(spread(spread(mask, disc, :erode), disc, :dilate))
          taken = Graphics::Pixels.held(mask & opened.invert)
          raise TooMuch if runs(taken) > Regions::MOST_RUNS
          [
            Contact.new(opened.write_to_memory, opened.width, opened.height),
            Regions.new(taken.write_to_memory, opened.width, opened.height)
          ]
        end

        # how many horizontal runs a mask has: places whose left neighbour is clear
        def runs(mask)
          left = mask.embed(1, 0, mask.width, mask.height)
          (mask & left.invert).avg / 255 * mask.width * mask.height
        end

        def at_level(level) = @ground ? @proof.halved(level).invert : @proof.halved(level)

        def soft
          own = @proof.own_per_mm
          (own && own * @limit >= WELL_RESOLVED_PX) ? Caliper::HALF - 1 : SOFT
        end

        # with room all round: beyond the picture lies nothing but its ground
        def mask(level, pad)
          image = at_level(level)
          return Graphics::Pixels.held(image > soft) if pad.zero?
          Graphics::Pixels
            .held(image.embed(
              pad,
              pad,
              image.width + 2 * pad,
              image.height + 2 * pad,
              extend: :background,
              background: [@ground ? 255 : 0]
            ) > soft)
        end

        def judge(regions, contact, shrink, size)
          areas = regions.areas(least: [(size / shrink)**2 * 0.07, 2].max)
          small, rest = areas.keys.partition { |name| areas[name] * (shrink / per_mm)**2 < (2 * @limit)**2 }
          most = (shrink == 1) ? MOST_PARTS : SOME_PARTS
          @overfull ||= shrink == 1 && (rest.size > most || small.size > MOST_SPECKS)
          each_gets = (MOST_SAMPLES / [rest.size, 1].max).clamp(6, 16)
          [[small, MOST_SPECKS], [rest, most]].flat_map do |names, limit|
            weight = [names.size / limit.to_f, 1.0].max
            regions.take(evenly(names, limit)).filter_map do |part|
              measured(part, contact, shrink, size, each_gets, weight)
            end
          end
        end

        # from a coarse copy back to the picture
        def fine(pixel, shrink) = (pixel - @pad + 0.5) * shrink - 0.5

        def evenly(list, most)
          (list.size <= most) ? list : Array.new(most) { |i| list[((i + 0.5) * list.size / most).floor] }
        end

        def caliper(size)
          return @caliper if @caliper_size == size
          @caliper_size = size
          @caliper = Caliper.new(@image, longest: size * 1.2 + 2, beyond: @ground ? 255 : 0)
        end
      end
    end
  end
end
