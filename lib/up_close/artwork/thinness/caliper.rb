# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # Measures how wide a line is at a place, to a fraction of a pixel: the
      # shortest chord through it finds the way across, then the ink itself is
      # summed along that way. A sum over soft edges has no threshold to be wrong.
      class Caliper
        WAYS = Array.new(16) { |i| [Math.cos(i * Math::PI / 16), Math.sin(i * Math::PI / 16)] }.freeze
        HALF = 128
        STEP = 0.5
        PASSES = 2

        # a chord: its length, its middle, px, and which of WAYS it takes
        Chord = Struct.new(:length, :x, :y, :way)

        # @param image [Vips::Image] one band: what is measured is high
        # @param longest [Float] px: beyond this it is not thin
        # @param beyond [Integer] what lies outside the picture
        def initialize(image, longest:, beyond: 0)
          @most = longest.ceil
          @pad = @most + 4
          @width = image.width + 2 * @pad
          @right, @bottom = image.width, image.height
          @bytes = image.embed(@pad, @pad, @width, image.height + 2 * @pad, extend: :background, background: [beyond])
            .write_to_memory
          @walks = WAYS.map do |x, y|
            [STEP, -STEP].map do |step|
              Array.new(2 * @most + 4) { |k| (y * k * step).round * @width + (x * k * step).round }
            end
          end
        end

        # The shortest chord near a place, moved to the line's middle: to half a pixel.
        # @return [Chord, nil] nil when it is wider than +longest+ there, or no line at all
        def chord(x, y)
          shortest_yet = nil
          PASSES.times do
            return unless inside?(x, y)
            shortest_yet = shortest((y.round + @pad) * @width + x.round + @pad) or return
            way, back, forth = shortest_yet
            shift = (forth - back) * STEP / 2
            x, y = x.round + WAYS[way][0] * shift, y.round + WAYS[way][1] * shift
          end
          Chord.new((shortest_yet[1] + shortest_yet[2]) * STEP, x, y, shortest_yet[0])
        end

        # The ink summed across: the least of the chord's own way and those beside
        # it, since steps of half a pixel cannot tell them apart.
        # @return [Float] px
        def width(chord)
          (chord.way - 2..chord.way + 2).map { |i| sum(chord.x, chord.y, WAYS[i % WAYS.size], chord.length / 2) }.min
        end

        # away from the staircase of an edge
        def deep?(x, y)
          return false unless inside?(x, y)
          base = (y.round + @pad) * @width + x.round + @pad
          [-1, 1, -@width, @width].all? { |step| @bytes.getbyte(base + step) >= HALF }
        end

        private

        def inside?(x, y) = x > -1 && y > -1 && x < @right && y < @bottom

        # way across, and how many steps it is out of the line each way
        def shortest(base)
          return if @bytes.getbyte(base) < HALF
          best = nil
          least = @most * 2
          @walks.each_with_index do |(forth_steps, back_steps), i|
            forth = 1
            forth += 1 while forth < least && @bytes.getbyte(base + forth_steps[forth]) >= HALF
            next if forth >= least
            back = 1
            back += 1 while forth + back < least && @bytes.getbyte(base + back_steps[back]) >= HALF
            next unless forth + back < least
            least = forth + back
            best = [i, back, forth]
          end
          best
        end

        # the sum of ink across, over its level: the line's own full tone
        def sum(x, y, way, half)
          steps = ((2 * half + 4) / STEP).ceil
          dx, dy = way[0] * STEP, way[1] * STEP
          x += @pad - dx * (steps / 2.0 + 1)
          y += @pad - dy * (steps / 2.0 + 1)
          profile = Array.new(steps + 1) { between(x += dx, y += dy) }
          trim(profile)
          [profile.sum * STEP / level(profile), profile.size * STEP].min
        end

        # what rises again at either end belongs to a neighbour
        def trim(profile)
          peak = peak_of(profile)
          left = peak
          left -= 1 while left.positive? && (profile[left - 1] <= profile[left] + 8 || profile[left] > HALF)
          right = peak
          right += 1 while right < profile.size - 1 &&
              (profile[right + 1] <= profile[right] + 8 || profile[right] > HALF)
          profile.replace(profile[left..right])
        end

        # the highest, of equals the one nearest the middle
        def peak_of(profile)
          top = profile.max
          middle = profile.size / 2
          (0..middle).each do |off|
            return middle - off if profile[middle - off] == top
            return middle + off if profile[middle + off] == top
          end
        end

        def level(profile)
          peak = profile.max
          flat = profile.count { |v| v > peak * 0.92 } * STEP
          ((flat >= 2) ? peak : 255).to_f
        end

        def between(x, y)
          left, top = x.to_i, y.to_i
          u, v = x - left, y - top
          i = top * @width + left
          above, below = @bytes.getbyte(i), @bytes.getbyte(i + @width)
          above += (@bytes.getbyte(i + 1) - above) * u
          above + (below + (@bytes.getbyte(i + @width + 1) - below) * u - above) * v
        end
      end
    end
  end
end
