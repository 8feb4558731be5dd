# frozen_string_literal: true

module Forms
  # A piece: shape, measures, material, finish, colour, count.
  class PieceForm < Base
    include KeepOutsRead
    include OutlineRead

    # @return [UpClose::Surfaces::Shape, nil]
    attr_reader :shape

    # what a piece's page shows of it
    # @param writer [UpClose::Measure::LengthWriter]
    # @return [Hash{String => String}] by their words
    def self.shown(piece, writer)
      kind = UpClose::Surfaces.fetch(piece.shape)
      measures = kind.parameters.to_h do |parameter|
        value = piece.measures[parameter.key.to_s]
        next [parameter.words, Seen.compared(value)] if parameter.list?
        [parameter.words, (parameter.length? && value) ? writer.field(value) : value]
      end
      {
        "name" => piece.name, "shape" => kind.title, **measures, "material" => piece.material_core.title,
        "finish" => piece.finish_core.title, "colour" => piece.colour, "how many" => piece.count,
        "edge" => Piece::EDGES[piece.edge], "grit" => piece.grit, "other colours" => piece.more_colours.join(" "),
        "seen through" => piece.seen_through ? "yes" : "no", "use" => piece.uses.join(", "),
        "places to avoid" => Seen.compared(piece.keep_outs)
      }
    end

    private

    def read
      words(:name, required: "Give the piece a name.", most: 120)
      choice(:material, UpClose::Materials::ALL.map(&:key))
      choice(:finish, UpClose::Materials::FINISHES.map(&:key))
      attempt(:colour) { UpClose::Colour.hex(typed(:colour)).to_hex }
      count(:count, 1..500, "How many")
      choice(:edge, Piece::EDGES.keys, fallback: "open")
      read_grit
      attempt(:more_colours) { colours(typed(:more_colours)) }
      values[:seen_through] = typed(:seen_through) == "1"
      values[:uses] = UpClose::Suitability::USES.keys & Array(typed(:uses))
      read_shape
    end

    # only where it is bare and sanded, or coated and sanded
    def read_grit
      return values[:grit] = nil if typed(:grit).to_s.strip.empty?
      count(:grit, UpClose::Materials::Ground::GRITS, "The grit")
    end

    MOST_COLOURS = 8

    # @return [Array<String>]
    def colours(text)
      hexes = text.to_s.split(/[\s,;]+/).reject(&:empty?)
      if hexes.size > MOST_COLOURS
        raise UpClose::Error.new(
          "That is more than #{MOST_COLOURS} colours.", remedy: "Name the ones that differ most.", field: :more_colours
        )
      end
      hexes.map { |hex| UpClose::Colour.hex(hex).to_hex }
    end

    def read_shape
      choice(:shape, UpClose::Surfaces.all.map(&:key))
      return if errors[:shape]
      kind = UpClose::Surfaces.fetch(values[:shape])
      imported = read_file if kind.parameters.any? { |p| p.kind == :outline }
      return if errors.any? && imported.nil? && errors.key?(:outline_file)
      read_keep_outs(imported)
      measures = kind.parameters.to_h { |p| [p.key, (imported && p.kind == :outline) ? imported.points : measure(p)] }
      return if measures.values.any?(&:nil?)
      @shape = kind.new(**measures)
      values[:measures] = measures
    rescue UpClose::Error => error
      refuse(error, :shape)
    end

    def measure(parameter)
      return pairs(parameter) if parameter.list?
      if parameter.length?
        length(parameter.key, range_mm: parameter.range)
      else
        count(parameter.key, parameter.range, parameter.words)
      end
      values.delete(parameter.key) unless errors[parameter.key]
    end

    def pairs(parameter)
      attempt(parameter.key) { UpClose::Measure::Pairs.read(typed(parameter.key), unit: @unit, field: parameter.key) }
      values.delete(parameter.key) unless errors[parameter.key]
    end
  end
end
