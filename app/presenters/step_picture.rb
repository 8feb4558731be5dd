# frozen_string_literal: true

module Presenters
  # What the bench draws at a step, and what a drawing needs to know: this mark on its piece, its copy on the sheet,
  # the layers with what is wet.
  class StepPicture
    # what a method leaves, as short words beside its layer
    LEFT = {
      film: "film", toner: "toner", dye_ink: "ink", medium: "the print in its medium", tape: "clear tape",
      foil: "printed foil", line: "the line", resist: "the resist", worked: "the worked line"
    }.freeze

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

    def placing
      @placing ||= BenchPlacing.new(mark, writer: @writer, lifted: kind == :peel, hinged: hinged?, turn: step.turn)
    end

    # drawn over the piece: the pencil lines only, the mark too, or how the hand goes
    def on_piece? = %i[place lines rub peel].include?(kind)

    # the sheet that holds the copy to take now, and the copy's outline there
    # @return [Hash, nil] :href, :width_mm, :height_mm, :ring, :copy
    def sheet = @sheet ||= on_layout || in_rows

    # from the piece, or from the sheet, up
    # @return [Array<Layer>]
    def layers
      case step.on
      when :sheet then [paper, printed, *spread]
      when :backing then [paper, Layer.new("glue", :wet, true), printed]
      else [piece, *carried, *drying, *spread, *coats]
      end
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
      first = layout.sheets.each_with_index.lazy.filter_map { |sheet, i|
        place = sheet.places.find { |kept| kept.mark == mark.id && kept.copy == copy }
        [sheet, i, place] if place && !place.tile?
      }.first or return
      laid, index, place = first
      ring = layout.place(place).line(layout.outline(mark))
      page(index + 1, laid.width_mm, laid.height_mm, ring)
    end

    def in_rows
      return if mark.tiled?
      pack = mark.pack
      cell = pack.cells.find { |laid| laid.copy == copy } or return
      page(cell.sheet, pack.paper.width_mm, pack.paper.height_mm, cell.box.corners)
    rescue UpClose::Errors::DoesNotFit
      nil
    end

    def page(number, width_mm, height_mm, ring)
      {href: "/marks/#{mark.id}/sheets/#{number}.svg?show=1&v=#{mark.updated_at.to_i}", width_mm: width_mm,
       height_mm: height_mm, ring: ring, copy: copy, number: number}
    end

    def piece = Layer.new(mark.piece.material_core.title, :piece, false)

    def paper = Layer.new(mark.setting.stock.title.sub(/ \(.*/, ""), :sheet, false)

    # the print on its own sheet
    def printed
      wet = step.wait? && step.phase == :print && !step.dries.nil?
      Layer.new((mark.setting.printer == :laser) ? "toner" : "ink", :ink, wet)
    end

    # what is spread at this step, on the piece, the print or the sheet
    def spread
      return [] unless kind == :coat && step.phase != :seal
      [Layer.new(step.consumes.first&.title || "a thin coat", :wet, true)]
    end

    # what the piece was wiped with, before anything lies on it
    def drying = (step.wait? && !laid?) ? [Layer.new("solvent", :wet, true)] : []

    # what lies on the piece: what the method lays, and afterwards what is left of it
    def carried
      return [] unless laid?
      over = %i[seal after].include?(step.phase)
      wet = step.wait? && !step.dries.nil? && !over
      [Layer.new(LEFT.fetch(over ? mark.setting.left : mark.method_core.residue), :ink, wet)]
    end

    # whether a step before this one lays the print on the piece
    def laid?
      bare = ->(each_step) { each_step.key[/\A[a-z_]+?(?=[_:~]?\d|:|\z)/] }
      before = mark.planned.steps.take_while { |earlier| bare[earlier] != bare[step] }
      before.any? { |earlier| UpClose::Methods::Pictures.of(earlier) == :place }
    end

    # the paper hangs on a strip of tape, at this step or from an earlier one
    def hinged? = mark.method_key && mark.planned.steps.any?(&:hinged)

    # coats up to this one, the last of them wet
    def coats
      return [] unless step.phase == :seal && (number = step.key[/\Aseal_(\d+)/, 1]&.to_i)
      Array.new(number) { |i| Layer.new("coat #{i + 1}", :coat, i + 1 == number) }
    end
  end
end
