# frozen_string_literal: true

module UpClose
  module Register
    # A strip to wrap round a cup or a cylinder, true to its girth at that height: its ends meet under the handle, its
    # upper edge lies level, and a window or ticks show where the film's corners fall (handbook, “Size and fit”).
    class Strap
      OVERLAP_MM = 10.0
      HIGH_MM = 20.0
      # the strap holds together round a window while so much of it stays, mm
      LEAST_BESIDE_MM = 3.0
      CHORD_MM = 0.002
      TICK_MM = 4.0
      CROSS_MM = 2.0
      QUARTERS = [0.0, 0.25, 0.5, 0.75, 1.0].freeze
      ROUND = {0.0 => "handle", 0.25 => "a quarter on", 0.5 => "opposite the handle", 0.75 => "a quarter before"}.freeze
      # half as long as the longest of these words are printed, mm
      WORD_MM = 14.0

      # words on it: +at+ their middle, +turn+ in degrees, +high_mm+ of a capital
      Label = Value.define(:words, :at, :turn, :high_mm)

      attr_reader :wall, :down, :high, :overlap, :corners

      # @param wall [Wall]  @param corners [Array<Array(Float, Float)>] of the film, clockwise from its upper left:
      #   share of a turn from the front, mm below the rim
      # @param down_mm [Float] from the rim to the upper edge  @param high_mm [Float]
      # @param handle [Float] share of a turn from the front to the handle, to the right: where the ends meet
      # @param bent [Boolean] film that is bent to the piece: its edges run level and upright, not straight
      # @raise [Errors::BadShape]
      def initialize(wall, corners:, down_mm:, high_mm: HIGH_MM, overlap_mm: OVERLAP_MM, handle: 0.5, bent: false)
        @wall, @down, @high, @overlap, @handle = wall, down_mm.to_f, high_mm.to_f, overlap_mm.to_f, handle
        @bent = bent
        @corners = corners.map { |turn, below| [from_handle(turn), below] }
        check
      end

      # @return [Hash{String => Array<Geometry::Path>}] CUT and MARK, mm
      def layers
        {
          "CUT" => [outline, *(window? ? [film] : [])],
          "MARK" => [join, *ticks, *crosses, *(window? ? [] : [film])]
        }
      end

      # @return [Array<Label>]
      def labels
        round = ROUND.transform_keys { |turn| [turn, (WORD_MM - 5) / upper].max }.reject { |turn, _| on_film?(turn) }
        [*round.map { |turn, words| label(words, turn, @down + @high / 2) }, *numbers, *overlap_label]
      end

      # @return [Float] mm once round at its upper and its lower edge
      def upper = wall.girth(@down)

      def lower = wall.girth(@down + @high)

      # whether its window leaves a strap above and below
      def window?
        above, below = @corners.map(&:last).minmax
        above - @down >= LEAST_BESIDE_MM && @down + @high - below >= LEAST_BESIDE_MM
      end

      # whether its ends meet where the film is to lie
      def split? = film_turns.then { |least, most| most - least > 0.5 }

      # @return [Geometry::Box] of all of it, laid flat
      def box = outline.box

      private

      # the strap begins at the handle and goes to the right
      def from_handle(turn) = (turn - @handle) % 1.0

      # whether words there would run into the window
      def on_film?(turn)
        reach = WORD_MM / upper
        film_turns.then { |least, most| turn.between?(least - reach, most + reach) }
      end

      def overlap_label
        return [] if @overlap < 8
        [Label.new("overlap", wall.flat(1 + @overlap / 2 / upper, @down + @high / 2), turn_at(1.0) - 90, 1.9)]
      end

      def film_turns = @corners.map(&:first).minmax

      def check
        if @down.negative? || @down + @high > wall.long + Tolerance::ROUNDING
          refuse(:down, "The strap would lie #{n(@down)} to #{n(@down + @high)} mm below the rim, and the wall is " \
            "#{n(wall.long)} mm long.", "Move it up or down, or make it lower.")
        end
        return unless split?
        refuse(:handle, "The strap's ends would meet where the film lies.", "Say where the handle is.")
      end

      # down one end, along the lower edge, up the other and back along the upper one
      def outline
        last = 1 + @overlap / upper
        Geometry::Path.polygon(edge(0.0, last, @down) + edge(last, 0.0, @down + @high))
      end

      # an arc by chords that leave it by no more than CHORD_MM
      def edge(from, to, down)
        steps = steps(from, to, down)
        (0..steps).map { |i| wall.flat(from + (to - from) * i / steps, down) }
      end

      def steps(from, to, down)
        radius = wall.arc_radius(down) or return 1
        ((to - from).abs * wall.girth(down) / Math.sqrt(8 * radius * CHORD_MM)).ceil.clamp(1, 2000)
      end

      # @return [Geometry::Path] the window
      def film = Geometry::Path.polygon(@bent ? level_edges : film_corners)

      def level_edges
        @corners.each_with_index.flat_map do |(turn, down), i|
          on, below = @corners[(i + 1) % @corners.size]
          ((down - below).abs < Tolerance::ROUNDING) ? edge(turn, on, down)[..-2] : [wall.flat(turn, down)]
        end
      end

      def film_corners = @corners.map { |turn, down| wall.flat(turn, down) }

      def join = line(wall.flat(1.0, @down), wall.flat(1.0, @down + @high))

      # level marks, a quarter of the way round apart, from both edges inwards
      def ticks
        QUARTERS.flat_map do |turn|
          [[@down, 1], [@down + @high, -1]].map do |edge, way|
            line(wall.flat(turn, edge), wall.flat(turn, edge + way * [TICK_MM, @high / 3].min))
          end
        end
      end

      def crosses
        film_corners.flat_map do |corner|
          [[CROSS_MM, 0], [0, CROSS_MM]].map do |x, y|
            reach = Geometry::Point[x, y]
            line(corner - reach, corner + reach)
          end
        end
      end

      def numbers
        centre = film_corners.reduce(:+) * 0.25
        film_corners.each_with_index.map do |corner, i|
          out = (corner - centre).unit * 4
          Label.new((i + 1).to_s, corner + Geometry::Point[out.x, out.y * 0.2], turn_at(@corners[i].first), 2.2)
        end
      end

      def label(words, turn, down) = Label.new(words, wall.flat(turn, down), turn_at(turn), 1.9)

      # degrees that words lean by so as to stand upright on the piece
      def turn_at(turn)
        along = wall.flat(turn + 0.001, @down) - wall.flat(turn - 0.001, @down)
        Math.atan2(along.y, along.x) * 180 / Math::PI
      end

      def line(from, to) = Geometry::Path.new([[:move, from], [:line, to]])

      def n(value) = Working.number(value)

      def refuse(field, reason, remedy) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))
    end
  end
end
