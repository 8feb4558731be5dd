# frozen_string_literal: true

module UpClose
  module Measure
    # Lengths in a photo, in millimetres, from what is known in it: a straight
    # reference, or the four corners of a rectangle, which takes the tilt out.
    # Places are pixels. Frozen.
    class PhotoScale
      # how far a place may be off: a hand on a screen
      PIXEL = 1.0
      LEAST_PX = 8.0
      # more than this share of a length is worth saying
      UNSURE = 0.02

      # A measured length and what it may be off by, mm, with its working.
      Reading = Struct.new(:mm, :off_mm, :working) do
        # @return [Finding]
        def finding(number, writer)
          Finding.note(
            :"line_#{number}", "Line #{number}",
            figure: "#{writer.with_unit(mm)} ± #{writer.figure(off_mm)}", value: mm, unit: "mm",
            working: working,
            reason: (off_mm > mm * UNSURE) ? "Over #{(UNSURE * 100).round} % uncertain: a longer reference, or a " \
              "sharper photo, makes it surer." : nil
          )
        end
      end

      # @param reference [Array<Geometry::Point>] two places  @param length_mm [Float] between them
      # @raise [Errors::BadShape]
      def self.from_reference(reference, length_mm)
        refuse(:length, "The reference needs a length.", "Type how long it really is.") unless length_mm&.positive?
        if reference[0].distance(reference[1]) < LEAST_PX
          refuse(
            :reference,
            "The reference is too short: both ends lie within #{LEAST_PX.round} pixels.",
            "Draw it along something longer."
          )
        end
        Straight.new(reference, length_mm)
      end

      # @param corners [Array<Geometry::Point>] four, in turn, the first at the top left
      # @param width_mm [Float] from the first to the second  @param height_mm [Float] from the second to the third
      # @raise [Errors::BadShape]
      def self.from_corners(corners, width_mm, height_mm)
        unless width_mm&.positive? && height_mm&.positive?
          refuse(:rectangle, "The rectangle needs both its sides.", "Type how wide and how high it really is.")
        end
        Straightened.new(checked(corners), width_mm, height_mm)
      end

      # @param corners [Array<Geometry::Point>] pixels  @raise [Errors::BadShape]
      def self.checked(corners)
        ring = Geometry::Ring.new(corners)
        if ring.points.size < 4 || ring.points.combination(2).any? { |p, q| p.distance(q) < LEAST_PX }
          refuse(:corners, "Two of the corners lie on each other.", "Put one on each corner of the rectangle.")
        end
        refuse(:corners, "The corners are crossed.", "Put them in turn, going round.") if ring.crossing
        turns = corners.each_index.map do |i|
          (corners[i] - corners[i - 1]).unit.cross((corners[(i + 1) % 4] - corners[i]).unit)
        end
        if turns.any? { |t| t.abs < 0.02 }
          refuse(:corners, "Three of the corners lie in one line.", "Photograph it less from the side.")
        end
        unless turns.all?(&:positive?) || turns.all?(&:negative?)
          refuse(
            :corners,
            "A rectangle seen by a camera has no corner that points inwards.",
            "Put one on each corner of the rectangle."
          )
        end
        corners
      end

      # @raise [Errors::BadShape]
      def self.refuse(field, reason, remedy) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))

      # By one reference: the same scale everywhere.
      class Straight
        def initialize(reference, length_mm)
          @reference, @length = reference, length_mm
          freeze
        end

        def mm_per_px = @length / @reference[0].distance(@reference[1])

        # @param point [Geometry::Point] pixels  @return [Geometry::Point] mm
        def place(point) = point * mm_per_px

        # ± one pixel at each end of both lines
        # @return [Reading]
        def length(from, to)
          px, known = from.distance(to), @reference[0].distance(@reference[1])
          mm = px * mm_per_px
          off = mm * (2 * PIXEL / known) + 2 * PIXEL * mm_per_px
          Reading.new(
            mm,
            off,
            Working.new("#{n(px, 1)} px × #{n(@length)} mm ÷ #{n(known, 1)} px = #{n(mm)} mm; ± one pixel at each " \
              "end of both: #{n(mm)} × 2 ÷ #{n(known, 1)} + 2 × #{n(mm_per_px, 4)} = #{n(off)} mm")
          )
        end

        private

        def n(value, places = 2) = Working.number(value, places)
      end

      # By four corners: tilt and distance taken out.
      class Straightened
        attr_reader :width_mm, :height_mm

        def initialize(corners, width_mm, height_mm)
          @corners, @width_mm, @height_mm = corners, width_mm, height_mm
          @map = map(corners)
          freeze
        end

        # @see Identity
        def identity = [@corners, width_mm, height_mm]

        # mm from the rectangle's first corner
        def place(point) = @map.apply(point)

        # where a place of the rectangle's plane is in the photo
        def photo(point_mm) = @map.inverse.apply(point_mm)

        # Every place moved by a pixel, one by one; what each does is added up.
        # @return [Reading]
        def length(from, to)
          mm = between(@map, from, to)
          ends = [[from, ->(p) { between(@map, p, to) }], [to, ->(p) { between(@map, from, p) }]]
          corners = @corners.each_index.map do |i|
            [@corners[i], ->(p) { between(map(@corners.dup.tap { |c| c[i] = p }), from, to) }]
          end
          off = (ends + corners).sum { |point, measure| worst(point, measure, mm) }
          Reading.new(
            mm,
            off,
            Working.new("both ends carried onto the rectangle by its four corners: #{n(mm)} mm; ± what one pixel at " \
              "each end and each corner does, added up: #{n(off)} mm")
          )
        end

        private

        def map(corners)
          Geometry::Homography.between(
            corners,
            [[0, 0], [width_mm, 0], [width_mm, height_mm], [0, height_mm]].map { |x, y| Geometry::Point[x, y] }
          )
        end

        def between(map, from, to) = map.apply(from).distance(map.apply(to))

        def worst(point, measure, mm)
          [[1, 0], [-1, 0], [0, 1], [0, -1]]
            .map { |x, y| (measure[point + Geometry::Point[x, y] * PIXEL] - mm).abs }
            .max
        end

        def n(value) = Working.number(value)
      end
    end
  end
end
