# frozen_string_literal: true

module UpClose
  module Artwork
    # Letter outlines of TrueType fonts: the glyf table, simple and compound
    # (OpenType specification, "glyf"). Weighed: ttfunk, which reads the font's tables here, gives a glyph's bytes
    # and its box, not its outline.
    class TruetypeOutline
      DEEPEST = 6
      ON, X_SHORT, Y_SHORT, REPEAT, X_SAME, Y_SAME = 1, 2, 4, 8, 16, 32
      WORDS, XY, SCALE, MORE, XY_SCALE, MATRIX = 1, 2, 8, 32, 64, 128

      # @return [Geometry::Path] font units, y downwards
      def self.call(font, glyph)
        Geometry::Path.new(new(font).commands(glyph)).transform(Geometry::Transform.scale(1, -1))
      end

      def initialize(font)
        @font = font
      end

      # @param glyph [Integer]  @param depth [Integer] of composites so far  @return [Array] path commands, font units
      def commands(glyph, depth = 0)
        data = raw(glyph)
        return [] if data.nil? || data.bytesize < 10 || depth > DEEPEST
        contours = data.unpack1("s>")
        contours.negative? ? compound(data, depth) : simple(data, contours)
      end

      private

      def raw(glyph)
        length = @font.glyph_locations.size_of(glyph)
        return if length.zero?
        table = @font.directory.tables["glyf"]
        @font.contents.pos = table[:offset] + @font.glyph_locations.index_of(glyph)
        @font.contents.read(length)
      end

      def simple(data, contours)
        ends = data.unpack("@10S>#{contours}")
        return [] if ends.empty?
        skip = 10 + contours * 2
        offset = skip + 2 + data.unpack1("@#{skip}S>")
        flags, offset = flags(data, offset, ends.last + 1)
        xs, offset = coordinates(data, offset, flags, X_SHORT, X_SAME)
        ys, = coordinates(data, offset, flags, Y_SHORT, Y_SAME)
        points = flags.each_index.map { |i| [Geometry::Point.new(xs[i], ys[i]), flags[i] & ON != 0] }
        starts = [0] + ends[0...-1].map { |e| e + 1 }
        starts.zip(ends).flat_map { |first, last| contour(points[first..last]) }
      end

      def flags(data, offset, count)
        flags = []
        while flags.size < count
          flag = data.getbyte(offset)
          offset += 1
          flags << flag
          next if flag & REPEAT == 0
          flags.concat([flag] * data.getbyte(offset))
          offset += 1
        end
        [flags.first(count), offset]
      end

      def coordinates(data, offset, flags, short, same)
        value = 0
        list = flags.map do |flag|
          if flag & short != 0
            value += (flag & same != 0) ? data.getbyte(offset) : -data.getbyte(offset)
            offset += 1
          elsif flag & same == 0
            value += data.unpack1("@#{offset}s>")
            offset += 2
          end
          value
        end
        [list, offset]
      end

      # quadratics with implied points between two controls, as cubics
      def contour(points)
        return [] if points.nil? || points.size < 2
        points = with_implied(points)
        start = points.index { |_, on| on }
        points = points.rotate(start)
        commands = [[:move, points.first[0]]]
        here = points.first[0]
        rest = points.drop(1) + [points.first]
        until rest.empty?
          point, on = rest.shift
          if on
            commands << [:line, point]
          else
            target, = rest.shift
            commands << [:curve, here + (point - here) * (2 / 3.0), target + (point - target) * (2 / 3.0), target]
            point = target
          end
          here = point
        end
        commands << [:close]
      end

      def with_implied(points)
        (points + [points.first]).each_cons(2).flat_map do |(p, p_on), (q, q_on)|
          (p_on || q_on) ? [[p, p_on]] : [[p, false], [(p + q) * 0.5, true]]
        end
      end

      def compound(data, depth)
        offset = 10
        commands = []
        loop do
          flags, glyph = data.unpack("@#{offset}S>2")
          map, offset = placement(data, offset + 4, flags)
          commands += Geometry::Path.new(commands(glyph, depth + 1)).transform(map).commands
          return commands if flags & MORE == 0
        end
      end

      def placement(data, offset, flags)
        dx, dy = data.unpack("@#{offset}#{(flags & WORDS != 0) ? "s>2" : "c2"}")
        offset += (flags & WORDS != 0) ? 4 : 2
        dx = dy = 0 if flags & XY == 0
        count = {SCALE => 1, XY_SCALE => 2, MATRIX => 4}.find { |bit, _| flags & bit != 0 }&.last || 0
        n = data.unpack("@#{offset}s>#{count}").map { |v| v / 16384.0 }
        a, b, c, d = {0 => [1, 0, 0, 1], 1 => [n[0], 0, 0, n[0]], 2 => [n[0], 0, 0, n[1]], 4 => n}[count]
        [Geometry::Transform.new(a, b, c, d, dx, dy), offset + count * 2]
      end
    end
  end
end
