# frozen_string_literal: true

module UpClose
  module Templates
    # A shape by its half, its quarter, or an n-th of it: the part is drawn round, turned over or on, and drawn round
    # again. What does not meet at the fold is told. mm, y downwards.
    class Folded
      KINDS = {"half" => 2, "quarter" => 4}.freeze
      FOLDS = (2..24)
      NOTCH_MM = 4.0
      # what a pencil hides
      MEETS_MM = 0.3

      # @param shape [Geometry::Region] whole, or one half of it beside the line
      # @param folds [Integer] 2: a half, turned over; 4: a quarter; else an n-th, turned on round the middle
      # @param line_x [Float, nil] of the fold; nil: the middle
      #   of its box, and of its area where it is turned round
      # @raise [Error] outside FOLDS
      def initialize(shape, folds: 2, line_x: nil)
        unless FOLDS.cover?(folds)
          raise Error.new("#{folds} parts are not folded.", remedy: "Give 2 to 24.", field: :folds)
        end
        @shape, @folds = shape, folds
        box = shape.box
        middle = [2, 4].include?(folds) ? box.centre : shape.middle
        @centre = Geometry::Point[line_x || middle.x, middle.y]
        @far = 4 * [box.width, box.height].max
      end

      # @return [Geometry::Region] what is cut, notches at its fold
      def part = @part ||= bare - notches

      # @return [Geometry::Region] before its notches
      def bare = @bare ||= @shape & wedge

      # the fold lines: from end to end of the part
      # @return [Array<Array(Geometry::Point, Geometry::Point)>]
      def folds
        box = @shape.box
        return rays.map { |ray| [@centre, @centre + ray * @far] } unless [2, 4].include?(@folds)
        foot = (@folds == 4) ? @centre.y : box.bottom
        upright = [Geometry::Point[@centre.x, box.y], Geometry::Point[@centre.x, foot]]
        (@folds == 2) ? [upright] : [upright, [Geometry::Point[box.x, @centre.y], @centre]]
      end

      # Put together again: the part, turned over and on, all round.
      # @return [Geometry::Region]
      def whole = Geometry::Region.union(turns.map { |turn| bare.mapped_all(turn) })

      # how far the shape put together lies from the one that was drawn
      # @return [Float] mm (Hausdorff distance of the edges)
      def misfit_mm = whole.edge_distance(@shape)

      # @return [Finding]
      def finding
        off = misfit_mm
        Finding.new(
          key: :halves, title: "The parts meet", verdict: (off <= MEETS_MM) ? :fine : :watch,
          figure: "#{Working.number(off)} mm off", value: off, unit: "mm", limit: MEETS_MM,
          working: Working.new("#{@folds} parts put together, laid over the shape as drawn: no edge further off than " \
            "#{Working.number(off)} mm"),
          reason: (off <= MEETS_MM) ? "A pencil line hides this error." : "The shape is not the same on all sides.",
          remedy: (off <= MEETS_MM) ? nil : "Move the fold line, or draw the other part by itself."
        )
      end

      private

      # the left half, the upper left quarter, or an n-th from straight up, clockwise
      def wedge
        x, y = @centre.to_a
        return box(x - @far, y - @far, @far, 2 * @far) if @folds == 2
        return box(x - @far, y - @far, @far, @far) if @folds == 4
        first, last = rays
        middle = (first + last).unit
        corners = (@folds == 3) ? [first, middle, last] : [first, last]
        Geometry::Region.polygon([@centre, *corners.map { |ray| @centre + ray * @far }].map(&:to_a))
      end

      def rays = [0, 360.0 / @folds].map { |degrees| Geometry::Transform.turn(degrees).apply(Geometry::Point[0, -1]) }

      def box(x, y, width, height) = Geometry::Region.box(Geometry::Box.new(x: x, y: y, width: width, height: height))

      def turns
        to, back = Geometry::Transform.move(-@centre.x, -@centre.y), Geometry::Transform.move(@centre.x, @centre.y)
        flips = case @folds
        when 2 then [[1, 1], [-1, 1]].map { |x, y| Geometry::Transform.scale(x, y) }
        when 4 then [[1, 1], [-1, 1], [1, -1], [-1, -1]].map { |x, y| Geometry::Transform.scale(x, y) }
        else Array.new(@folds) { |i| Geometry::Transform.turn(i * 360.0 / @folds) }
        end
        flips.map { |flip| to.then(flip).then(back) }
      end

      # small V cuts where the fold meets the outline, so that the part is laid on the line exactly
      def notches
        ends = folds.flat_map { |from, to| [inside_end(from, to), inside_end(to, from)] }.compact
        ends.reduce(Geometry::Region.none) { |all, place| all + notch(place) }
      end

      # on the fold, a sixth of it in from where it leaves the shape
      def inside_end(from, to)
        line = Geos::WkbReader.new.read(Geometry::Wkb.line([from.to_a, to.to_a]))
        kept = line.intersection(@shape.shape)
        return if !kept.is_a?(Geos::LineString) || kept.length < 3 * NOTCH_MM
        ends = Geometry::Wkb.points(Geos::WkbWriter.new.write(kept)).map { |x, y| Geometry::Point[x, y] }
        first, last = ends.minmax_by { |point| point.distance(from) }
        first + (last - first) * (1 / 6.0)
      end

      def notch(place)
        side = NOTCH_MM / 2
        x, y = place.x, place.y
        Geometry::Region.polygon([[x, y - side], [x - side, y], [x, y + side], [x + side, y]])
      end
    end
  end
end
