# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # How wide a part is that an opening took away, measured across at many places: part of Survey.
      module PartWidths
        private

        def measured(part, contact, shrink, size, most, weight)
          touches, reach = contact.of(part)
          return if touches.positive? && [part.width, part.height].max < size / shrink
          chords = chords(part, most, shrink, size, touches != 1)
          return if chords.empty? || (touches == 1 && !line?(chords.map(&:length), reach * shrink, size))
          return if @ground && touches == 1 && closes?(chords)
          place(part, chords, touches, shrink, size, weight)
        end

        # across the part at many places, shortest first
        def chords(part, most, shrink, size, deep_only)
          caliper = caliper(size)
          points = samples(part, 2 * most).map { |x, y| [fine(x, shrink), fine(y, shrink)] }
          deep = deep_only ? points.select { |x, y| caliper.deep?(x, y) } : []
          evenly((deep.size * 4 >= points.size) ? deep : points, most)
            .filter_map { |x, y| caliper.chord(x, y) }
            .sort_by(&:length)
        end

        # against a corner, which narrows all the way: a line keeps its width, or runs on
        def line?(widths, reach, size)
          quarter, three = widths[widths.size / 4], widths[widths.size * 3 / 4]
          return quarter > Survey::STEADY * three if reach < 2.0 * size
          true
        end

        # A notch: a gap that narrows all the way to where it is closed already. Printed thicker it is a little shorter,
        # and parts nothing less than it did.
        # @param chords [Array<Caliper::Chord>] shortest first
        def closes?(chords)
          shortest, longest = chords.first, chords.last
          return false if shortest.length > CLOSES * longest.length
          along = [longest.x - shortest.x, longest.y - shortest.y]
          places = chords.map { |chord| (chord.x - shortest.x) * along[0] + (chord.y - shortest.y) * along[1] }
          correlation(places, chords.map(&:length)) > NARROWS
        end

        # the shortest against the longest chord of a notch, and how well width follows place: starting values
        CLOSES = 0.5
        NARROWS = 0.6
        private_constant :CLOSES, :NARROWS

        # @return [Float] Pearson's, -1..1
        def correlation(xs, ys)
          mean_x, mean_y = [xs, ys].map { |list| list.sum / list.size.to_f }
          across = xs.zip(ys).sum { |x, y| (x - mean_x) * (y - mean_y) }
          spread = Math.sqrt(xs.sum { |x| (x - mean_x)**2 } * ys.sum { |y| (y - mean_y)**2 })
          spread.zero? ? 0.0 : across / spread
        end

        # half-pixel chords are made exact by the one that was measured by its ink
        def place(part, chords, touches, shrink, size, weight)
          area = part.area * (shrink / per_mm)**2
          width, chord = typical(chords, touches, area * per_mm**2, caliper(size))
          widths = across(chords.map(&:length)).map { |px| px * width / chord / per_mm }
          box = @proof.mm_box(
            (part.left - @pad) * shrink,
            (part.top - @pad) * shrink,
            part.width * shrink,
            part.height * shrink
          )
          long = weight * area / (widths.sum / widths.size)
          Survey::Place.new(width / per_mm, box, long, area, touches.zero?, widths)
        end

        # What keeps its width is that wide all along: chords that cut a corner at its ends say
        # nothing. What tapers is as wide as its chords, the shortest of them left out.
        # @param lengths [Array<Float>] px, shortest first
        def across(lengths)
          quarter, three = lengths[lengths.size / 4], lengths[lengths.size * 3 / 4]
          return [quarter] if quarter > Survey::STEADY * three
          (lengths.size < 6) ? lengths : [lengths[1], *lengths.drop(1)]
        end

        # of a dot its widest; of a stub that tapers its middle; else the thin quarter
        # @return [Array(Float, Float)] its width by its ink, and that chord, px
        def typical(chords, touches, area_px, caliper)
          middle = chords.size / ((touches == 1) ? 2 : 4)
          middle = chords.size - 1 if touches.zero? && area_px < 4 * chords.last.length**2
          near = chords[[middle - 1, 0].max..middle + 1].map { |chord| caliper.width(chord) }.sort
          [near[near.size / 2], chords[middle].length]
        end

        # evenly over the part's area: the middles of its runs, and more along a level line
        def samples(part, most)
          wide = [part.height.clamp(4, 24), part.area / (4 * most)].max
          points = part.runs.flat_map do |y, from, to|
            pieces = [(to - from) / wide, 1].max
            Array.new(pieces) { |i| [from + (to - from) * (i + 0.5) / pieces - 0.5, y] }
          end
          evenly(points, most)
        end
      end
    end
  end
end
