# frozen_string_literal: true

module Presenters
  # Measure: a piece's fields as they were typed, or as they are kept.
  class MeasureStage
    # One measure: its parameter, the shapes that ask for it, and whether the chosen one does
    Field = UpClose::Value.define(:parameter, :shapes, :shown, :text)

    EXAMPLES = {stations: "0, 0\n20, 60\n50, 80", points: "0, 0\n40, 0\n40, 25"}.freeze
    HINTS = {
      stations: "Distance from the nose, then girth; one pair per line.",
      points: "Corners in order: right, down; one per line."
    }.freeze

    attr_reader :piece

    # @param piece [Piece, nil] nil for a new one  @param form [Forms::PieceForm, nil] that came back
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(piece, form, writer:)
      @piece, @form, @writer = piece, form, writer
    end

    # @return [PieceView] the piece drawn to scale
    def view = @view ||= PieceView.new(piece, writer: @writer)

    # @return [Array<Class>]
    def shapes = UpClose::Surfaces.all

    # @return [String] key of the shape that is chosen
    def shape = typed(:shape, piece&.shape) || shapes.first.key

    # each measure once, with the shapes that ask for it
    # @return [Array<Field>]
    def fields
      shapes.flat_map { |kind| kind.parameters.map { |parameter| [parameter, kind.key] } }.group_by { |p, _| p.key }
        .values.map { |pairs| field(pairs.first.first, pairs.map(&:last)) }
    end

    # what stands in a field of the piece itself
    # @param name [Symbol]  @return [Object, nil]
    def [](name) = typed(name, usual.fetch(name) { piece&.public_send(name) })

    # @return [Array<Hash>] rows of places to avoid
    def keep_outs
      return Array(@form.typed(:keep)).map { |row| row.is_a?(Array) ? row.last : row } if @form
      (piece&.keep_outs || []).map do |kept|
        sizes = kept.slice("x", "y", "width", "height").transform_values { |mm| @writer.field(mm) }
        kept.slice("kind", "words").merge(sizes)
      end
    end

    def keep_outs? = piece&.keep_outs&.any? || !@form&.error(:keep_outs).nil?

    # @return [Array<String>] keys of Suitability::USES
    def uses = @form ? Array(@form.typed(:uses)) : (piece&.uses || [])

    private

    def typed(name, stored) = @form ? @form.typed(name) : stored

    # where a new piece begins, and what is kept otherwise than it is typed
    def usual
      @usual ||= {
        colour: piece&.colour || UpClose::Materials::ALL.first.colour, count: piece&.count || 1,
        more_colours: piece&.more_colours&.join(" "), seen_through: piece&.seen_through ? "1" : nil
      }
    end

    def field(parameter, shapes)
      stored = piece && piece.measures[parameter.key.to_s]
      Field.new(parameter, shapes, shapes.include?(shape), typed(parameter.key, kept_text(parameter, stored)))
    end

    def kept_text(parameter, stored)
      return parameter.list? ? nil : parameter.default if stored.nil?
      return stored.map { |pair| pair.map { |mm| @writer.field(mm) }.join(", ") }.join("\n") if parameter.list?
      parameter.length? ? @writer.field(stored) : stored
    end
  end
end
