# frozen_string_literal: true

module Presenters
  # What the bench draws at a step, and what a drawing needs to know: this mark on its piece, its copy on the sheet,
  # the layers with what is wet.
  class StepPicture
    # One layer seen from the side, from the piece up
    Layer = UpClose::Value.define(:words, :kind, :wet)

    attr_reader :run, :step, :mark

    # @param mark [Mark]  @param step [UpClose::Methods::Step]  @param run [Run, nil]
    def initialize(mark, step, writer:, run: nil)
      @mark, @step, @writer, @run = mark, step, writer, run
    end

    # names the drawing
    # @return [Symbol]
    def kind = @kind ||= drawable(UpClose::Methods::Pictures.of(step))

    def placing = @placing ||= BenchPlacing.new(mark, writer: @writer)

    # drawn over the piece: the pencil lines only, the mark too, or how the hand goes
    def on_piece? = %i[place lines rub peel].include?(kind)

    # the sheet that holds the copy to take now, and the copy's outline there
    # @return [Hash, nil] :href, :width_mm, :height_mm, :ring, :copy
    def sheet = @sheet ||= on_layout || in_rows

    # from the piece up
    # @return [Array<Layer>]
    def layers
      piece = Layer.new(mark.piece.material_core.title, :piece, false)
      [piece, *under, *carried, *coats]
    end

    # which print of the sheet is taken: this piece's own
    def copy = step.turn || 1

    private

    def drawable(kind)
      return :layers if kind == :sheet && sheet.nil?
      ((kind == :place || kind == :lines) && mark.width_mm.nil?) ? :layers : kind
    end

    def on_layout
      layout = mark.layout or return
      found = layout.sheets.each_with_index.lazy.filter_map { |sheet, i|
        place = sheet.places.find { |kept| kept.mark == mark.id && kept.copy == copy }
        [sheet, i, place] if place && !place.tile?
      }.first or return
      laid, index, place = found
      ring = layout.place(place).line(layout.outline(mark))
      page(index + 1, laid.width_mm, laid.height_mm, ring)
    end

    def in_rows
      return if mark.tiled?
      pack = mark.pack
      cell = pack.cells.find { |one| one.copy == copy } or return
      page(cell.sheet, pack.paper.width_mm, pack.paper.height_mm, cell.box.corners)
    rescue UpClose::Errors::DoesNotFit
      nil
    end

    def page(number, width_mm, height_mm, ring)
      {href: "/marks/#{mark.id}/sheets/#{number}.svg?show=1&v=#{mark.updated_at.to_i}", width_mm: width_mm,
       height_mm: height_mm, ring: ring, copy: copy, number: number}
    end

    # what is spread on the piece before the print lies on it
    def under
      return [] unless step.phase == :apply && %w[spread coat].include?(step.key[/\A[a-z]+/])
      [Layer.new(step.consumes.first&.title || "what is spread", :wet, true)]
    end

    # what the method leaves on the piece, once it is there
    def carried
      return [] unless step.wait? || step.phase == :seal || step.phase == :after
      return [] unless mark.method_key
      wet = step.wait? && !step.dries.nil? && step.phase == :apply
      [Layer.new(UpClose::Methods::RESIDUES[mark.setting.left], :ink, wet)]
    end

    # coats up to this one, the last of them wet
    def coats
      return [] unless step.phase == :seal && (number = step.key[/\Aseal_(\d+)/, 1]&.to_i)
      Array.new(number) { |i| Layer.new("coat #{i + 1}", :coat, i + 1 == number) }
    end
  end
end
