# frozen_string_literal: true

module Forms
  # An outline from a file, and what it leaves open: part of PieceForm.
  module OutlineRead
    # what is asked of an outline's file: its name in the store, what was read, and what is open (:unit, :frame)
    Question = Struct.new(:kept, :file, :open)
    ASKED = {
      unit: "The file does not say its unit. Choose it below.",
      frame: "One outline contains all the others. Choose below: is it the piece or a frame?"
    }.freeze
    INCH = UpClose::Measure::Length::INCH_MM

    # @return [Question, nil] what must be asked of an outline's file
    attr_reader :question

    private

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

    # as it was chosen now, or as it was kept while something was asked
    def outline_bytes
      file = SentFile.of(@typed["outline_file"])
      return file.bytes(UpClose::Artwork::Opening::MOST_BYTES) if file
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
  end
end
