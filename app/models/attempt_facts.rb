# frozen_string_literal: true

# What is known of a try without anyone typing it: how, on what, in what room, how its steps went.
class AttemptFacts
  # steps whose windows a try is judged by
  # @param mark [Mark]  @param run [Run, nil] it was done in
  def initialize(mark, run = mark.run)
    @mark, @run = mark, run
  end

  # @param piece [Integer]
  # @return [Hash{Symbol => Object}] columns of an Attempt
  def call(piece)
    of_mark.merge(of_room, of_run(piece), made_at: made_at(piece))
  end

  # @return [Array<UpClose::Record::StepTime>]
  def times(piece) = steps ? steps.call(turn(piece)) : []

  private

  def of_mark
    @of_mark ||= {
      method_key: @mark.method_key, printer: @mark.printer, **of_printer, stock: @mark.stock,
      schools: @mark.schools, own_school_id: @mark.own_school&.id, purpose: @mark.purpose_core&.key,
      sealer: @mark.sealer, coats: @mark.coats_wanted, width_mm: @mark.width_mm, height_mm: height_mm,
      batch: of_mark_batch, sheet: sheet, **of_piece, given: given
    }
  end

  def of_printer
    known = @mark.own_printer
    {printer_name: known&.name, cartridge: known&.cartridge}
  end

  def of_piece
    piece = @mark.piece
    {material: piece.material, finish: piece.finish, grit: piece.grit}
  end

  def height_mm = @mark.artwork && @mark.height_mm

  # where its prints were laid
  def sheet
    layout = @mark.layouts.last or return
    layout.leftovers.map { |laid| layout.name_of(laid) }.uniq.first(3).join(", ").presence || "a fresh sheet"
  end

  def of_room
    room = ShopTime.current
    {temperature_c: room["temperature_c"].to_f, humidity: room["humidity"].to_f}
  end

  def of_run(piece)
    return {} unless steps
    times = times(piece)
    turn = turn(piece)
    {
      times: times.map(&:to_h), late_part: times.filter_map(&:part).max, nth: steps.nth(turn), lot: steps.lot(turn),
      passes: passes(turn)
    }
  end

  # counted and usual, of the step that has them
  def passes(turn)
    lead = @run.lead
    steps = lead.steps_core.select { |step| step.passes && (step.turn.nil? || step.turn == turn) }
    step = steps.reverse.find { |counted| lead.passes.key?(counted.key) } or return {}
    {UpClose::Record::StepTimes.plain(step.key) => [lead.passes[step.key], step.passes]}
  end

  # what only the looks at its artwork tell; what cannot be worked out now does not keep a result from being told
  def given
    @mark.method_key ? worked_out : {}
  rescue UpClose::Error
    {}
  end

  def worked_out
    limits = @mark.artwork ? @mark.design.limits : nil
    {
      finest_mm: @mark.planned.grown(:finest_mm), gap_mm: @mark.planned.grown(:gap_mm),
      solid_mm: @mark.planned.grown(:solid_mm), line_limit_mm: limits&.[](:line_mm), gap_limit_mm: limits&.[](:gap_mm),
      solid_limit_mm: limits&.[](:solid_mm), calibrated: !@mark.own_printer&.current.nil?,
      lightness: @mark.piece.colour_core.lightness, sealer_clash: clash?, new_lot: new_lot?,
      strain: strain
    }.compact
  end

  # what a sheet must give on a curved piece, as a share; nil where nothing tells
  def strain
    return unless @mark.artwork && @mark.shape_core.curved? && @mark.width_mm
    writer = UpClose::Measure::LengthWriter.new
    strain = @mark.shape_core.findings(@mark.room.placed, writer).find { |finding| finding.key == :strain }
    strain && strain.value / 100.0
  end

  # nothing was tried of this lot before; nil where none was told
  def new_lot?
    batch = of_mark_batch or return
    !Attempt.own.exists?(stock: @mark.stock, batch: batch)
  end

  def of_mark_batch = StockFact.of(@mark.stock).batch.presence

  # a finish that is told not to suit it
  def clash?
    finding = UpClose::Suitability.findings(@mark.situation).find { |f| f.key == :sealer_pair }
    finding && (finding.stop? || finding.watch?)
  end

  def steps
    return unless @run
    @steps ||= UpClose::Record::StepTimes.new(
      steps: @run.steps_core, began_at: @run.lead.began_at.to_f, done_at: @run.done_at
    )
  end

  # which turn of the run's rounds: marks done together follow each other
  def turn(piece)
    before = @run.lead.together.take_while { |share| share["mark"] != @mark.id }.sum { |share| share["pieces"] }
    before + piece
  end

  # when its last step was done; else now
  def made_at(piece)
    ends = @run&.lead&.step_ends.to_a
    mine = ends.select { |step_end| step_end.step.include?(":#{turn(piece)}") }
    (mine.presence || ends).last&.done_at
  end
end
