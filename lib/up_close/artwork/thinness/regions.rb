# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # What an opening took away, as connected parts: horizontal runs joined by
      # union and find (Tarjan, 1975). Works on the bytes of a mask, so that
      # empty stretches cost nothing.
      class Regions
        SET = "\xFF".b.freeze
        CLEAR = "\0".b.freeze
        MOST_RUNS = 600_000

        # One connected part. Runs are [y, from, to), pixels.
        Part = Struct.new(:runs, :area, :left, :right, :top, :bottom) do
          def width = right - left

          def height = bottom - top
        end

        # @param bytes [String] 0 or 255 a pixel
        def initialize(bytes, width, height)
          @bytes, @width, @height = bytes, width, height
        end

        # @param least [Numeric] parts of fewer pixels are left out
        # @return [Array<Part>] largest first
        def parts(least: 1) = take(areas(least: least).keys).sort_by { |part| -part.area }

        # @return [Hash{Integer => Integer}] name of each part → its pixels
        def areas(least: 1)
          join unless @rows
          sums = Array.new(@rows.size, 0)
          @roots = Array.new(@rows.size) { |i| root(i).tap { |r| sums[r] += @tos[i] - @froms[i] } }
          sums.each_with_index.filter_map { |area, name| [name, area] if area >= least && area.positive? }.to_h
        end

        # only these parts, put together
        # @param names [Array<Integer>]
        # @return [Array<Part>]
        def take(names)
          groups = names.to_h { |name| [name, []] }
          @roots.each_with_index { |name, i| groups[name]&.push([@rows[i], @froms[i], @tos[i]]) }
          groups.values.map { |runs| part(runs) }
        end

        private

        def part(runs)
          Part.new(runs, runs.sum { |_, from, to| to - from }, runs.map { |r| r[1] }.min, runs.map { |r| r[2] }.max, runs.first[0], runs.last[0] + 1)
        end

        # runs are three lists of numbers: a list of small lists would be most of the work
        def join
          @rows, @froms, @tos, @parent = [], [], [], []
          above = here = 0...0
          read do |y, from, to|
            unless here.size.positive? && @rows[here.first] == y
              merge(above, here)
              above, here = here, @rows.size...@rows.size
            end
            @parent << @rows.size
            @rows << y
            @froms << from
            @tos << to
            here = here.first...@rows.size
          end
          merge(above, here)
        end

        # one pass over all bytes, so that empty rows cost nothing
        def read
          at = 0
          while (at = @bytes.index(SET, at))
            raise TooMuch if @rows.size >= MOST_RUNS
            y = at / @width
            stop = [@bytes.index(CLEAR, at) || @bytes.bytesize, (y + 1) * @width].min
            yield y, at - y * @width, stop - y * @width
            at = stop
          end
        end

        # two sorted rows, walked together; corners touch
        def merge(above, here)
          return if above.size.zero? || here.size.zero? || @rows[above.first] != @rows[here.first] - 1
          i, j = above.first, here.first
          while i < above.end && j < here.end
            unite(i, j) if @froms[i] <= @tos[j] && @froms[j] <= @tos[i]
            (@tos[i] < @tos[j]) ? i += 1 : j += 1
          end
        end

        def unite(i, j)
          p, q = root(i), root(j)
          (p < q) ? @parent[q] = p : @parent[p] = q
        end

        def root(i)
          while @parent[i] != i
            @parent[i] = @parent[@parent[i]]
            i = @parent[i]
          end
          i
        end
      end

      # more detail than can be looked at
      class TooMuch < StandardError; end
    end
  end
end
