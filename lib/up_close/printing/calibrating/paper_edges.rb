# frozen_string_literal: true

module UpClose
  module Printing
    module Calibrating
      # Where a sheet lies in a scan, when what lies round it is dark: its four edges,
      # each a straight line through where it turns from dark to light, to a fraction
      # of a pixel. The middle between opposite edges is the paper's middle.
      class PaperEdges
        SAMPLES = 48
        # the corners are left out: they may be bent
        FROM, TO = 0.12, 0.88
        LEAST_STEP = 50
        # an edge is believed when so much of it was seen, and no straighter than this
        LEAST_SHARE = 0.7
        # a sheet may be smaller than the scan; towards its corners another edge may be met
        LEAST_SEEN = 0.35
        MIDDLE = 0.7
        STRAIGHT_MM = 0.12
        SIZE_MM = 1.0

        # @param image [Vips::Image] grey  @param per_mm [Float] pixels
        def initialize(image, per_mm:)
          @image, @per_mm = image, per_mm
        end

        # scan mm → paper mm
        # @param near_deg [Float] about how the page lies in the scan
        # @return [Geometry::Transform, nil] nil when the edges cannot be seen
        def frame(paper, near_deg:)
          lines = [seen(:left), seen(:right), seen(:top), seen(:bottom)]
          return unless lines.all?
          lean = lines.zip([-1, -1, 1, 1]).sum { |(slope, _), sign| Math.atan(slope) * sign } / 4 * 180 / Math::PI
          upright = ((near_deg - lean) / 90).round.even?
          return unless sizes?(lines, lean, upright ? paper : paper.landscape)
          turn = lean + ((near_deg - lean) / 90).round * 90
          middle = middle(*lines)
          Geometry::Transform.move(-middle.x, -middle.y)
            .then(Geometry::Transform.turn(-turn))
            .then(Geometry::Transform.move(paper.width_mm / 2, paper.height_mm / 2))
        end

        private

        # distances between opposite edges, square to them
        def sizes?(lines, lean, paper)
          square = Math.cos(lean * Math::PI / 180)
          across, down = [lines[0..1], lines[2..3]].zip([@image.height, @image.width]).map do |(a, b), length|
            (at(b, length / 2.0 / @per_mm) - at(a, length / 2.0 / @per_mm)) * square
          end
          (across - paper.width_mm).abs < SIZE_MM && (down - paper.height_mm).abs < SIZE_MM
        end

        def at((slope, start), along) = start + slope * along

        # where the two middle lines cross
        def middle(left, right, top, bottom)
          sx, x0 = [0, 1].map { |i| (left[i] + right[i]) / 2 }
          sy, y0 = [0, 1].map { |i| (top[i] + bottom[i]) / 2 }
          x = (x0 + sx * y0) / (1 - sx * sy)
          Geometry::Point[x, y0 + sy * x]
        end

        # across = start + slope × along, mm
        # @return [Array(Float, Float), nil] slope and start
        def seen(side)
          upright = %i[left right].include?(side)
          length = upright ? @image.height : @image.width
          places = Array.new(SAMPLES) { |i| (length * (FROM + (TO - FROM) * i / (SAMPLES - 1))).round }
          points = places.filter_map do |along|
            edge(line(along, upright), %i[right bottom].include?(side))&.then do |across|
              [(along + 0.5) / @per_mm, across / @per_mm]
            end
          end
          straight(middle_of(points)) if points.size >= SAMPLES * LEAST_SEEN
        end

        def middle_of(points)
          cut = (points.size * (1 - MIDDLE) / 2).round
          points[cut...(points.size - cut)]
        end

        def line(along, upright)
          (upright ? @image.crop(0, along, @image.width, 1) : @image.crop(along, 0, 1, @image.height))
            .cast(:uchar)
            .write_to_memory
            .unpack("C*")
        end

        # the first lasting step from dark to light, from the outside
        def edge(values, from_far)
          values = values.reverse if from_far
          dark = values.first(8).sum / 8.0
          light = values[values.size / 3, values.size / 3].sort[-values.size / 12]
          return if light - dark < LEAST_STEP
          half = (light + dark) / 2
          i = (2...values.size / 2).find { |k| values[k] > half && values[k, 6].all? { |v| v > half } } or return
          before = i - 1
          place = before + 0.5 + (half - values[before]) / (values[i] - values[before]).to_f
          from_far ? values.size - place : place
        end

        # least squares, without what lies far off the first line
        def straight(points)
          kept = points
          2.times do
            fit = regression(kept)
            kept = kept.select { |along, across| (at(fit, along) - across).abs < STRAIGHT_MM * 3 }
            return if kept.size < points.size * LEAST_SHARE
          end
          fit = regression(kept)
          fit if Math.sqrt(kept.sum { |along, across| (at(fit, along) - across)**2 } / kept.size) < STRAIGHT_MM
        end

        def regression(points)
          mx, my = points.transpose.map { |all| all.sum / all.size }
          slope = points.sum { |x, y| (x - mx) * (y - my) } / points.sum { |x, _| (x - mx)**2 }
          [slope, my - slope * mx]
        end
      end
    end
  end
end
