# frozen_string_literal: true

module Presenters
  # All that the Place stage says of one placement.
  class PlaceStage
    attr_reader :mark, :placement, :view

    def initialize(mark, writer:, placement: mark.placement)
      @mark, @writer, @placement = mark, writer, placement
      @room = mark.room(measured)
      @view = PieceView.new(mark.piece, writer: writer, mark: mark, placement: placement, room: mark.room(placement))
    end

    # where what is said of the place is said of: along a run no mark need lie where the run is held
    def measured = placement && mark.repeats_core.first(placement)

    # "1: 52.5, 2: 157.5 from the left edge"
    # @return [String, nil] where the middles of all lie, nil for one
    def middles = MiddlesOfRepeats.new(mark, placement, @writer).words

    def findings
      @findings ||= [*review, *curve, *repeats, *neighbours, *real_size, mark.planned.reading&.finding].compact
    end

    # seen from the front, for a curved piece
    # @return [FrontView, nil]
    def front = curved? ? FrontView.new(mark, placement) : nil

    def curved? = mark.shape_core.curved?

    # where a drag snaps to
    # @return [Hash{Symbol => Array<Float>}]
    def snaps
      UpClose::Placing::Snaps.new(
        room: @room,
        shape: shape,
        clearance_mm: mark.clearance_mm,
        others: mark.neighbours.filter_map(&:placement)
      ).call
    end

    # @return [String, nil] what would find its place, where a ruler hardly does
    def aid_words
      register = MarkRegister.new(mark)
      return "Find the place with a strap: a strip to wrap round" if register.strap?
      return if shape.curved? || %w[rectangle rounded-rectangle].include?(shape.key)
      "Find the place with #{(shape.key == "disc") ? "a ring that centres itself" : "a cut-out of the piece"}"
    end

    # where a copy that fits can be had
    def largest_where = @room.largest_here.positive? ? "here" : "searched"

    # the size, and perhaps the place, at which film follows the curve
    # @return [UpClose::Placing::Placement, nil] nil unless it is asked too much
    def eased = (curved? && mark.repeats_core.once?) ? mark.eased_place(placement) : nil

    # @return [String] what the press on it would do
    def eased_words(place)
      "Make it #{@writer.with_unit(place.width_mm)} wide#{", on the middle line" unless place.y_mm == placement.y_mm}"
    end

    def stop? = findings.any?(&:stop?)

    # the lines of what is tried; before a method is chosen they are the shape's alone
    # @return [Array<UpClose::Placing::PencilLines::Line>]
    def pencil_lines
      UpClose::Placing::PencilLines.new(shape: shape, placement: measured, writer: @writer).call
    end

    # @return [String] how they show on this piece
    def pencil_words = "Drawn #{MarkRegister.new(mark).marked_with}, so that they show and come off again."

    # the last model scale that was used
    # @return [String]
    def ratio = Preference.get("ratio").presence || "48"

    # @return [Array<UpClose::Placing::Registration::Line>]
    def registration = mark.method_key ? mark.registration(@writer, placement).lines : []

    def fields = Forms::PlaceForm.fields(mark, @writer, placement)

    private

    def shape = mark.shape_core

    def review
      UpClose::Placing::Review.new(room: @room, shape: shape, clearance_mm: mark.clearance_mm, writer: @writer).findings
    end

    def curve = shape.curved? ? shape.findings(@room.placed, @writer, bent: mark.design.bent?) : []

    def placed = @placed ||= mark.all_placed(placement)

    def repeats
      return if mark.repeats_core.once?
      mark.repeats_core.finding(
        placement,
        placed.map(&:hull),
        @writer,
        clearances: placed.drop(mark.repeats_core.run? ? 0 : 1).map { |ink| shape.clearance_of(ink) },
        clear_mm: mark.clearance_mm
      )
    end

    # those that lie over each other are judged by what each leaves there
    def neighbours
      return [] if mark.neighbours.empty?
      layers = PieceLayers.new(mark.piece, among: [mark, *mark.neighbours], tried: {mark.id => placement}).core
      over = layers.overs.zip(layers.findings)
      mark.neighbours.map do |other|
        overlap = over.find { |pair, _| [pair.upper.key, pair.lower.key].sort == [mark.id, other.id].sort }
        next overlap.last if overlap
        UpClose::Placing::Between.finding(
          other.title,
          placed.map(&:hull),
          other.all_placed.map(&:hull),
          mark.clearance_mm,
          @writer
        )
      end
    end

    # at the scale last used
    def real_size
      ratio = Preference.get("ratio")
      ratio.empty? ? nil : UpClose::Measure::ModelScale.read(ratio).finding(placement.width_mm, @writer)
    end
  end
end
