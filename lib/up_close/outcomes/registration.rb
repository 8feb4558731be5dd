# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # Where a mark lies in a photo: by its four corners, where they are tapped; else by its ink: the dark parts that
    # touch no edge are laid over what was printed by their boxes, at several turns, then moved till they lie best
    # (a homography's eight figures by Gauss and Newton's method on blurred pictures, coarse to fine).
    class Registration
      # One stage: what is compared, dark parts (:parts) or tones (:tones), at so many places along the longer side, and
      # how often it is moved. Frozen.
      Stage = Value.define(:kind, :size, :rounds)
      STAGES = [Stage.new(:parts, 40, 9), Stage.new(:tones, 56, 9), Stage.new(:tones, 84, 5)].freeze
      # how far each place looks about, of the distance to the next
      SOFT = 0.7
      # of the mark's room, what is compared besides its box
      BESIDE = 0.4
      TURNS = [-20, -10, 0, 10, 20].freeze
      # how alike they must be: the correlation of both
      LEAST = 0.45
      # what makes no further difference, of the smaller picture's pixels
      NEAR = 0.06
      LOOKED_AT = 640

      attr_reader :likeness

      # @param grey [Vips::Image] of the photo  @param printed [Printed]
      # @param corners [Array<Array(Float, Float)>, nil] of the mark's box, pixels, as they were tapped
      def initialize(grey, printed, corners: nil)
        @grey, @printed = grey, printed
        @map = corners ? tapped(corners) : searched
      end

      # pixels of Printed → pixels of the photo
      # @return [Geometry::Homography]
      attr_reader :map

      private

      def tapped(corners)
        points = corners.map { |x, y| Geometry::Point[x, y] }
        @likeness = nil
        Geometry::Homography.between(@printed.corners, points)
      rescue ExceptionForMatrix::ErrNotRegular
        refuse("These corners lie in line.")
      end

      def searched
        starts = TURNS.filter_map { |turn| start(turn) }
        refuse("No mark can be found in this photo.") if starts.empty?
        best = starts.map { |map| [map, alike(map, STAGES.first)] }.max_by(&:last).first
        STAGES.each { |stage| best = refined(best, stage) }
        @likeness = alike(best, STAGES.last)
        refuse("This photo does not show this mark.") if @likeness < LEAST
        best
      end

      # the photo made small, its lamp taken out
      def small
        @small ||= begin
          @shrink = [LOOKED_AT / [@grey.width, @grey.height].max.to_f, 1].min
          EvenLight.call(Graphics::Pixels.held(@grey.resize(@shrink, kernel: :linear)))
        end
      end

      def dark = @dark ||= DarkParts.new(small)

      # the mark's box turned about its middle and laid over the ink's
      def start(turn)
        return if dark.parts.empty?
        left, top, right, bottom = dark.box(turn)
        return if right - left < 6 || bottom - top < 6
        upright = [[left, top], [right, top], [right, bottom], [left, bottom]].map { |x, y| Geometry::Point[x, y] }
        back = Geometry::Transform.turn(turn)
        Geometry::Homography.between(@printed.corners, upright.map { |p| back.apply(p) * (1 / @shrink) })
      end

      # @return [Geometry::Homography] lying better
      def refined(map, stage)
        best = alike(map, stage)
        stage.rounds.times do
          moved = step(map, stage) or break
          now = alike(moved, stage)
          break if now < best
          shift, map, best = corners_moved(map, moved), moved, now
          break if shift < NEAR / @shrink
        end
        map
      end

      def corners_moved(one, other)
        @printed.corners.map { |p| one.apply(p).distance(other.apply(p)) }.max
      end

      # one step: the corners are moved along what lowers the difference
      def step(map, stage)
        wanted = target(stage)
        here = seen(map, stage)
        by = 1.5 / @shrink
        slopes = eight(map, by).map { |moved| Values.difference(seen(moved, stage), here, by) }
        solve(slopes, Values.difference(wanted, here, 1.0)).then { |moves| moves && shifted(map, moves) }
      end

      # each corner moved a little along x, then along y
      def eight(map, by)
        Array.new(8) { |i| shifted(map, Array.new(8) { |k| (k == i) ? by : 0.0 }) }
      end

      def shifted(map, moves)
        to = @printed.corners.each_with_index.map do |p, i|
          map.apply(p) + Geometry::Point[moves[2 * i], moves[2 * i + 1]]
        end
        Geometry::Homography.between(@printed.corners, to)
      end

      def solve(slopes, off)
        normal = Matrix.rows(slopes.map { |one| slopes.map { |other| Values.dot(one, other) } })
        pull = Matrix.identity(8) * (normal.trace / 8 * 1e-3 + Tolerance::ROUNDING)
        moves = (normal + pull).lup.solve(Vector.elements(slopes.map { |one| Values.dot(one, off) })).to_a
        longest = moves.map(&:abs).max
        most = 12 / @shrink
        (longest > most) ? moves.map { |v| v * most / longest } : moves
      rescue ExceptionForMatrix::ErrNotRegular
        nil
      end

      # where both are looked at: all over the mark's box and a little beside it
      # @return [Array<Array(Float, Float)>] pixels of Printed
      def places(stage)
        (@places ||= {})[stage.size] ||= begin
          inset = @printed.room * (1 - BESIDE)
          sides = [@printed.width, @printed.height].map { |side| side - 2 * inset }
          apart = sides.max / stage.size
          across, down = sides.map { |side| [(side / apart).floor, 2].max }
          Array.new(down) { |j|
            Array.new(across) { |i|
              [inset + (i + 0.5) * sides[0] / across, inset + (j + 0.5) * sides[1] / down]
            }
          }.flatten(1)
        end
      end

      # what was printed; of dark parts, as much of its box as is dark in the photo
      def target(stage)
        (@targets ||= {})[stage] ||= begin
          image = (stage.kind == :tones) ? @printed.tone : Graphics::Pixels.held(@printed.tone > as_dark)
          soft = Sampled.new(image, blur: SOFT * @printed.width / stage.size)
          Values.evened(places(stage).map { |x, y| soft.at(x, y) })
        end
      end

      def as_dark
        left, top, right, bottom = dark.box
        @printed.darker_than([dark.area / [(right - left) * (bottom - top), 1].max, 1.0].min)
      end

      # the photo where this map puts the mark
      def seen(map, stage)
        soft = source(stage)
        a, b, c, d, e, f, g, h, i = map.values
        Values.evened(places(stage).map { |x, y|
          w = (g * x + h * y + i) / @shrink
          soft.at((a * x + b * y + c) / w, (d * x + e * y + f) / w)
        })
      end

      # the photo, as soft as what was printed: the mark takes about as much of it as its dark parts
      def source(stage)
        (@sources ||= {})[stage] ||= begin
          left, _, right, = dark.box
          Sampled.new((stage.kind == :tones) ? small.invert : dark.mask, blur: SOFT * (right - left) / stage.size)
        end
      end

      # correlation of both
      def alike(map, stage) = Values.dot(target(stage), seen(map, stage)) / places(stage).size

      def refuse(reason)
        raise Errors::BadShape.new(
          reason, field: :photo,
          remedy: "Take the photo from above, in even light, with the whole mark in it. Or tap its four corners."
        )
      end
    end
  end
end
