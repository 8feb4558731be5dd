# frozen_string_literal: true

module Forms
  # A piece: shape, measures, material, finish, colour, count.
  class PieceForm < Base
    include KeepOutsRead

    # @return [UpClose::Surfaces::Shape, nil]
    attr_reader :shape

    # @return [Question, nil] what must be asked of an outline's file
    attr_reader :question

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

    # an outline from DXF or SVG stands in place of what is typed
    # @return [UpClose::Measure::OutlineFile, nil]
    def read_file
      bytes = outline_bytes or return
      file = Workers.call(
        UpClose::Measure::OutlineFile,
        :read,
        bytes,
        unit_mm: {"in" => INCH, "mm" => 1.0}[typed(:outline_unit)],
        frame: typed(:outline_as) == "frame"
      )
      ask(bytes, file)
      file
    rescue UpClose::Error => error
      errors[:outline_file] = error.sentence
      nil
    end

    INCH = UpClose::Measure::Length::INCH_MM

    # as it was chosen now, or as it was kept while something was asked
    def outline_bytes
      upload = @typed["outline_file"]
      if upload.is_a?(Hash) && upload[:tempfile]
        return upload[:tempfile].tap(&:rewind).read(UpClose::Artwork::Opening::MOST_BYTES).to_s
      end
      name = typed(:outline_kept).to_s
      store = Shelves::OriginalStore.new(Settings.originals)
      store.get(name) if Shelves::OriginalStore::NAME.match?(name) && store.named?(name)
    end

    # what the file leaves open is asked, and the file kept meanwhile
    def ask(bytes, file)
      questions = {unit: !file.unit_known?, frame: file.holds_all? && typed(:outline_as).to_s.empty?}
        .select { |_, open| open }
        .keys
      return if questions.empty?
      @question = Question.new(Shelves::OriginalStore.new(Settings.originals).put(bytes), file, questions)
      errors[:outline_file] = questions.map { |key| ASKED.fetch(key) }.join(" ")
    end

    # what is asked of an outline's file: its name in the store, what was read, and what is open (:unit, :frame)
    Question = Struct.new(:kept, :file, :open)
    ASKED = {
      unit: "The file does not say its unit. Choose it below.",
      frame: "One outline contains all the others. Choose below: is it the piece or a frame?"
    }.freeze

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
