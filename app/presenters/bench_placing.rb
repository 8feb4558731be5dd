# frozen_string_literal: true

module Presenters
  # Where this very mark goes, as the bench shows it: the piece, its pencil lines with their distances large, the paper
  # with its hinge edge, and the mark. To scale. Pixels of a fixed frame.
  class BenchPlacing
    WIDTH = 780
    HEIGHT = 560
    # room for the distances, px
    FRAME = {left: 156, right: 130, top: 24, bottom: 92}.freeze
    BEYOND = 14
    WAYS = {
      top: [0, -1], rim: [0, -1], bottom: [0, 1], foot: [0, 1], left: [-1, 0], right: [1, 0], datum: [-1, 0]
    }.freeze

    # A distance to draw on the piece. +from+ and +to+ are ends of its dimension line. Frozen.
    Distance = UpClose::Value.define(:dimension, :words, :witnesses)

    attr_reader :mark, :shape

    # @param mark [Mark] placed  @param hinged [Boolean] whether its paper is taped on one edge
    # @param lifted [Boolean] once it is there: no pencil lines are followed any more
    # @param turn [Integer, nil] which of all that are laid it is, from 1
    def initialize(mark, writer:, hinged: false, lifted: false, turn: nil)
      @mark, @writer, @hinged, @lifted = mark, writer, hinged, lifted
      @shape = mark.shape_core
      laid = mark.repeats_core.placements(mark.placement)
      @place = laid[((turn || 1) - 1) % laid.size]
    end

    def colour = mark.piece.colour

    def tone = PieceView.tone_over(mark.piece.colour_core)

    def grain? = mark.piece.material_core.family == :wood && !mark.piece.finish_core.painted?

    # pixels a millimetre
    def scale
      @scale ||= [(WIDTH - FRAME[:left] - FRAME[:right]) / seen.width,
        (HEIGHT - FRAME[:top] - FRAME[:bottom]) / seen.height].min
    end

    def outline = d(shape.path)

    # @return [Hash] frame of the ink as it will read, and its turn
    def ink
      width, height = mark.width_mm * scale, mark.height_mm * scale
      x, y = px(@place.centre)
      {width: width.round(2), height: height.round(2), x: (-width / 2).round(2), y: (-height / 2).round(2),
       transform: "translate(#{x.round(2)} #{y.round(2)}) rotate(#{@place.turn_deg})"}
    end

    # where the mark's own middle lies
    def middle = px(@place.centre).map(&:round)

    # the pencil lines, from beyond one edge of the piece to beyond the other
    # @return [Array<Array(Array(Float, Float), Array(Float, Float))>]
    def pencil
      return [] if @lifted
      lines.map { |line| out(*[-1, 1].map { |way| px(line.at + line.along * way * reach(line.at, line.along * way)) }) }
    end

    # @return [Array<Distance>] at most one across and one down
    def distances = @lifted ? [] : lines.filter_map { |line| distance(line) }

    # corners of the paper that is laid, where a paper is
    # @return [Array<Array(Float, Float)>, nil]
    def paper = lays_paper? ? corners.map { |corner| px(corner) } : nil

    # @return [Array(Array(Float, Float), Array(Float, Float)), nil] of the paper, where it is taped down
    def hinge = (@hinged && lays_paper?) ? corners.first(2).map { |corner| px(corner) } : nil

    # where what is said beside the piece begins, px
    def beside_x = [px(UpClose::Geometry::Point[seen.right, 0])[0] + 16, WIDTH - FRAME[:right] + 16].min

    # face down, the print is not seen: it is drawn faintly
    def face_down? = lays_paper? && mark.boxed?

    def words
      told = distances.map(&:words).join("; ")
      "#{mark.title} on #{mark.piece.name}#{": #{told}" unless told.empty?}"
    end

    private

    def box = shape.box

    # the piece, and the paper where it is larger
    def seen = @seen ||= lays_paper? ? box.union(UpClose::Geometry::Box.around(corners)) : box

    def lines = @lines ||= mark.planned.with(placement: @place).pencil_lines(@writer)

    def lays_paper? = !mark.method_key.nil? && mark.method_core.stocks.any?

    def corners = @corners ||= mark.registration(@writer, @place).trim_corners

    # a dimension line beside the piece, from what is measured from to the line
    def distance(line)
      way = WAYS[line.from] or return
      way = [1, 0] if line.from == :datum && line.at.x.negative?
      from = px(line.at + UpClose::Geometry::Point[*way] * line.figure_mm)
      to = px(line.at)
      beside = way[0].zero? ? beside(from, to) : below(from, to)
      Distance.new(Dimension.new(*beside, @writer.figure(line.figure_mm)), "#{line.title}: #{line.words}",
        [[from, beside[0]], [to, beside[1]]])
    end

    def beside(from, to)
      x = left - FRAME[:left] * 0.5
      [[x, from[1]], [x, to[1]]]
    end

    def below(from, to)
      y = bottom + FRAME[:bottom] * 0.56
      [[from[0], y], [to[0], y]]
    end

    def left = px(UpClose::Geometry::Point[seen.x, seen.y])[0]

    def bottom = px(UpClose::Geometry::Point[seen.right, seen.bottom])[1]

    # how far the piece's box goes on from a place, along a way
    def reach(point, way)
      [free(point.x, way.x, box.x, box.right), free(point.y, way.y, box.y, box.bottom)].min.clamp(0..)
    end

    def free(from, way, low, high) = if way.abs < UpClose::Tolerance::ROUNDING
                                       Float::INFINITY
                                     else
                                       ((way.positive? ? high : low) - from) / way
                                     end

    # a little beyond the edges, at both ends
    def out(from, to)
      length = Math.hypot(to[0] - from[0], to[1] - from[1])
      return [from, to] if length.zero?
      x, y = (to[0] - from[0]) / length * BEYOND, (to[1] - from[1]) / length * BEYOND
      [[from[0] - x, from[1] - y], [to[0] + x, to[1] + y]]
    end

    def px(point)
      [FRAME[:left] + (WIDTH - FRAME[:left] - FRAME[:right]) / 2.0 + (point.x - seen.centre.x) * scale,
        FRAME[:top] + (HEIGHT - FRAME[:top] - FRAME[:bottom]) / 2.0 + (point.y - seen.centre.y) * scale]
    end

    def d(path)
      map = UpClose::Geometry::Transform.move(-box.centre.x, -box.centre.y)
        .then(UpClose::Geometry::Transform.scale(scale))
        .then(UpClose::Geometry::Transform.move(*px(box.centre)))
      UpClose::Formats::SVG::PathWriter.call(path.transform(map), places: 1)
    end
  end
end
