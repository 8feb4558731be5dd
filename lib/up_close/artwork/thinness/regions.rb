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
        MOST_RUNS = 300_000

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
          Part.new(
            runs,
            runs.sum { |_, from, to| to - from },
            runs.map { |r| r[1] }.min,
            runs.map { |r| r[2] }.max,
            runs.first[0],
            runs.last[0] + 1
          )
        end

        # Runs are three lists of numbers, and rows two marks in them: a list of
        # small lists would be most of the work.
        def join
          @rows, @froms, @tos, @parent = [], [], [], []
          above = here = index = 0
          while (index = @bytes.index(SET, index))
            y = index / @width
            stop = [@bytes.index(CLEAR, index) || @bytes.bytesize, (y + 1) * @width].min
            above, here = here, @rows.size unless @rows[here] == y
            keep(y, index - y * @width, stop - y * @width)
            above = touch(above, here, y) if above < here
            index = stop
          end
        end

        def keep(y, from, to)
          raise TooMuch if @rows.size >= MOST_RUNS
          @parent << @rows.size
          @rows << y
          @froms << from
          @tos << to
        end

        # The newest run with those of the row above, from where the one before it
        # got to; corners touch.
        # @return [Integer] where the next run begins to look
        def touch(above, here, y)
          return here unless @rows[above] == y - 1
          newest = @rows.size - 1
          from, to = @froms[newest], @tos[newest]
          above += 1 while above < here && @tos[above] < from
          index = above
          while index < here && @froms[index] <= to
            unite(index, newest)
            index += 1
          end
          (index > above) ? index - 1 : above
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
