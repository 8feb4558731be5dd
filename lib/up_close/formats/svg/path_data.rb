# frozen_string_literal: true

require "strscan"

module UpClose
  module Formats
    module SVG
      # Reads a path's d attribute (SVG 1.1, 8.3) into lines and cubics.
      # Stops at the first thing it cannot read and keeps what came before, as the standard asks.
      class PathData
        COUNTS = {"m" => 2, "l" => 2, "h" => 1, "v" => 1, "c" => 6, "s" => 4, "q" => 4, "t" => 2, "a" => 7, "z" => 0}
          .freeze
        # beyond this nothing is a place
        MOST = 1e9
        NUMBER = /[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/i

        # @param text [String, nil]  @return [Array<Float>] as far as they can be read: up to one that is beyond MOST
        def self.numbers(text) = text.to_s.scan(NUMBER).map(&:to_f).take_while { |number| number.abs < MOST }

        # @param text [String] of a d attribute  @return [Geometry::Path]  @raise [Errors::BadArtwork]
        def self.read(text) = new(text).read

        def initialize(text)
          @scan = StringScanner.new(text.to_s)
          @commands = []
          @here = @start = Geometry::Point::ORIGIN
          @reflect = nil
        end

        # @return [Geometry::Path]
        def read
          while (letter = command)
            break unless run(letter)
          end
          Geometry::Path.new(@commands)
        end

        private

        def command
          @scan.skip(/[\s,]+/)
          @scan.scan(/[mlhvcsqtaz]/i)
        end

        def run(letter)
          return false if @commands.empty? && letter.downcase != "m"
          verb, relative = letter.downcase, letter == letter.downcase
          return close if verb == "z"
          first = true
          while (numbers = arguments(verb))
            draw((verb == "m" && !first) ? "l" : verb, numbers, relative)
            first = false
          end
          !first
        end

        def arguments(verb)
          mark = @scan.pos
          numbers = Array.new(COUNTS[verb]) { |i| number(verb == "a" && (i == 3 || i == 4)) }
          return numbers unless numbers.include?(nil)
          @scan.pos = mark
          nil
        end

        def number(flag)
          @scan.skip(/[\s,]+/)
          @scan.scan(flag ? /[01]/ : NUMBER)&.to_f&.then { |value| value if value.abs < MOST }
        end

        def close
          @commands << [:close]
          @here = @start
          @reflect = nil
          true
        end

        def draw(verb, n, relative)
          base = relative ? @here : Geometry::Point::ORIGIN
          points = n.each_slice(2).map { |x, y| base + Geometry::Point.new(x, y || 0) } unless %w[h v a].include?(verb)
          send(:"draw_#{verb}", *(points || [n, base, relative]))
        end

        def draw_m(point)
          @start = @here = point
          @reflect = nil
          @commands << [:move, point]
        end

        def draw_l(point)
          @reflect = nil
          @commands << [:line, @here = point]
        end

        def draw_h(n, base, _relative) = draw_l(Geometry::Point.new(base.x + n[0], @here.y))

        def draw_v(n, base, _relative) = draw_l(Geometry::Point.new(@here.x, base.y + n[0]))

        def draw_c(first, second, point)
          @commands << [:curve, first, second, point]
          @reflect = [:c, point * 2 - second]
          @here = point
        end

        def draw_s(second, point) = draw_c(reflected(:c), second, point)

        def draw_q(control, point)
          draw_c(@here + (control - @here) * (2 / 3.0), point + (control - point) * (2 / 3.0), point)
          @reflect = [:q, point * 2 - control]
        end

        def draw_t(point) = draw_q(reflected(:q), point)

        def draw_a(n, base, _relative)
          target = base + Geometry::Point.new(n[5], n[6])
          curves = Arc.new(from: @here, to: target, rx: n[0], ry: n[1], turn: n[2], large: n[3] == 1, sweep: n[4] == 1)
            .curves
          return draw_l(target) unless curves
          curves.each { |curve| draw_c(*curve) }
          @reflect = nil
        end

        def reflected(kind) = (@reflect && @reflect[0] == kind) ? @reflect[1] : @here
      end
    end
  end
end
