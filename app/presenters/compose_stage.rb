# frozen_string_literal: true

module Presenters
  # Several marks of one piece on one drawing: where each lies among the others, in what order they go on, what that
  # asks. Pixels of a PieceView.
  class ComposeStage
    # dimension lines are not drawn for less, mm
    LEAST_GAP_MM = 0.3
    TIMES = {2 => "twice", 3 => "three times"}.freeze

    attr_reader :piece, :active

    # @param layers [PieceLayers]  @param active [Mark, nil] the one in hand
    def initialize(piece, layers, writer:, active: nil)
      @piece, @layers, @writer = piece, layers, writer
      @active = marks.find { |mark| mark.id == active&.id } || marks.first
    end

    def marks = @layers.marks

    def view = @view ||= PieceView.new(@piece, writer: @writer)

    # each mark's frame on the drawing, lowest first
    # @return [Array<Hash>]
    def frames
      marks.flat_map do |mark|
        kind = (mark == active) ? "own" : "neighbour"
        mark.repeats_core.placements(mark.placement).map { |placement| view.frame(placement, mark, kind) }
      end
    end

    # white film as far as it is cut, about the mark's middle
    # @return [String, nil]
    def film(mark)
      return unless mark.method_key && mark.setting.stock.white? && mark.bound_to.nil? && !mark.binds
      paths = mark.cutting.as_placed.paths(UpClose::Geometry::Transform.scale(view.scale))
      UpClose::Formats::SVG::PathWriter.call(paths.reduce(:+), places: 1)
    end

    # @return [Array<Array(Mark, Integer, Float, Float)>] mark, its number in the order, and where the number stands
    def badges
      marks.each_with_index.map do |mark, i|
        box = boxes.fetch(mark.id)
        x, y = view.px(UpClose::Geometry::Point[box.x, box.y])
        [mark, i + 1, (x - 4).round(1), (y - 4).round(1)]
      end
    end

    # from the mark in hand to what stands next to it either way, and above and below, their figures clear of each other
    # @return [Array<Dimension>]
    def gaps = @gaps ||= clear.call(drawn_gaps)

    # @return [String] what the letters in place of figures stand for
    def gaps_key = gaps && clear.key

    # where the mark in hand snaps to
    # @return [Array<Hash>]
    def snaps
      return [] unless active
      UpClose::Composing::SnapLines.new(
        own: boxes.fetch(active.id), piece: view.shape.box, others: titled(marks - [active]),
        baselines: baselines, baseline: PieceLayers.baseline(active)
      ).call.map { |snap| {axis: snap.axis, at: snap.at.round(4), line: snap.line.round(4), words: snap_words(snap)} }
    end

    # @return [Array<UpClose::Finding>]
    def findings
      @layers.core.findings + UpClose::Composing::InLine.new(titled(marks), view.shape.box).findings(@writer) + outside
    end

    # gaps that come more than once, as one line
    # @return [String, nil]
    def equal_gaps
      gaps = UpClose::Composing::InLine.new(titled(marks), view.shape.box).equal_gaps
      gaps.map { |mm, times| "#{@writer.figure(mm)} #{TIMES.fetch(times) { "#{times} times" }}" }.join(", ").presence
    end

    # what to wait for once a mark lies
    # @param mark [Mark]  @return [String]
    def wait_words(mark)
      layer = @layers.layers.find { |lying| lying.key == mark.id }
      how, seconds = @layers.core.wait(layer)
      return last_words(mark) unless how
      dry = "dry #{Moments.about(seconds)}"
      (how == :coat) ? "#{dry}, one thin clear coat, dry #{Moments.about(UpClose::Composing::Layers::COAT_S)}" : dry
    end

    # others that it can be one transfer with
    # @return [Array<Mark>]
    def hosts(mark) = marks.select { |other| Actions::BindMarks.fits?(mark, other) }

    # @return [String, nil] the title of the one it is bound to
    def bound_with(mark) = marks.find { |other| other.id == mark.bound_to }&.title

    def over_words(mark)
      below = @layers.below(mark).map { |other| marks.index(other) + 1 }
      below.any? ? ", over #{below.join(" and ")}" : ""
    end

    def deep = @layers.core.deep

    # the piece's direction: the grain, a seam, the handle's side
    # @return [Hash, nil] words, degrees, and the line's ends
    def direction = DirectionLine.new(@piece.direction, view, boxes.values).to_h

    def lay? = marks.size > 1 && marks.all?(&:method_key)

    private

    def clear = @clear ||= ClearFigures.new(PieceView::WIDTH, view.height)

    def drawn_gaps
      return [] unless active
      own = boxes.fetch(active.id)
      [*facing(own, :x), *facing(own, :y)].map do |from, to, mm|
        Dimension.new(view.px(from), view.px(to), @writer.figure(mm))
      end
    end

    def boxes = @boxes ||= @layers.layers.to_h { |layer| [layer.key, layer.box] }

    # titles that come twice are told apart by their number
    def titled(list)
      list.to_h do |mark|
        twice = marks.count { |other| other.title == mark.title } > 1
        [twice ? "#{mark.title} #{marks.index(mark) + 1}" : mark.title, boxes.fetch(mark.id)]
      end
    end

    def baselines
      lettered = (marks - [active]).to_h { |mark| [mark, PieceLayers.baseline(mark)] }.compact
      lettered.to_h { |mark, baseline| [mark.title, mark.y_mm + baseline] }
    end

    def snap_words(snap) = snap.gap_mm ? "#{snap.words}, #{@writer.figure(snap.gap_mm)}" : snap.words

    def last_words(mark)
      return "nothing lies over it, so no waiting" unless mark == marks.last
      (marks.size > 1) ? "then all of them are sealed together" : "then it is sealed"
    end

    def outside
      marks.reject { |mark| mark.covering.any? || mark.room.fits? }.map do |mark|
        UpClose::Finding.stop(:edge, "#{mark.title} sticks out over the #{view.shape.edge_word}",
          figure: @writer.with_unit(mark.room.clearance.abs), reason: "It is larger than the piece at this place.",
          remedy: "Move it in.")
      end
    end

    # @param axis [Symbol]  @return [Array<Array(Point, Point, Float)>] at most two
    def facing(own, axis)
      [-1, 1].filter_map do |side|
        edge = edge_of(own, axis, side)
        stop = neighbour_edge(own, axis, side)
        gap = (stop - edge) * side
        next if gap < LEAST_GAP_MM
        ends = [edge, stop].map { |value| along(axis, value, own.centre) }
        [*(side.negative? ? ends.reverse : ends), gap]
      end
    end

    def along(axis, value, centre)
      (axis == :x) ? UpClose::Geometry::Point[value, centre.y] : UpClose::Geometry::Point[centre.x, value]
    end

    def edge_of(box, axis, side)
      low, high = (axis == :x) ? [box.x, box.right] : [box.y, box.bottom]
      side.negative? ? low : high
    end

    # the nearest edge of what faces it, else the piece's own
    def neighbour_edge(own, axis, side)
      facing = boxes.except(active.id).values.select { |other| faces?(own, other, axis) }
      own_edge = edge_of(own, axis, side)
      edges = facing.map { |other| edge_of(other, axis, -side) }.select { |edge| (edge - own_edge) * side > 0 }
      (edges << edge_of(view.shape.box, axis, side)).min_by { |edge| (edge - own_edge) * side }
    end

    def faces?(own, other, axis)
      (axis == :x) ? (own.y < other.bottom && other.y < own.bottom) : (own.x < other.right && other.x < own.right)
    end
  end
end
